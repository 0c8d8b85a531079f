package reckonrod.server.lists;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.channel.Emission;
import reckonrod.core.finding.Field;
import reckonrod.core.frequency.FrequencyRange;
import reckonrod.core.geography.Position;
import reckonrod.core.list.Area;
import reckonrod.core.list.Bank;
import reckonrod.core.list.BankEdit;
import reckonrod.core.list.BankRule;
import reckonrod.core.list.Belongs;
import reckonrod.core.list.Block;
import reckonrod.core.list.BlockEdit;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.Dismissal;
import reckonrod.core.list.Filling;
import reckonrod.core.list.Intent;
import reckonrod.core.list.ListChange;
import reckonrod.core.list.ListEdit;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.Listening;
import reckonrod.core.list.ManyEdit;
import reckonrod.core.list.NamePart;
import reckonrod.core.list.NameRecipe;
import reckonrod.core.list.Ordering;
import reckonrod.core.list.Origin;
import reckonrod.core.list.PowerPolicy;
import reckonrod.core.list.Scanning;
import reckonrod.core.list.SlotRange;
import reckonrod.core.list.Spot;
import reckonrod.core.notation.Reckoner;
import tools.jackson.databind.json.JsonMapper;

class ListDocumentTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static final Filling FILLING = new Filling(
            new Belongs(
                    List.of(new Belongs.Span("2 m", FrequencyRange.parse("144-148"))),
                    Set.of(Belongs.Use.SIMPLEX, Belongs.Use.LISTEN_ONLY),
                    Optional.of(false),
                    Set.of(Emission.AM),
                    Set.of(DirectoryFlag.LINKED),
                    List.of("leg"),
                    Optional.of(new Area.Circle("Skarra", new Position(47.5, -38.25), 12.5))),
            2,
            new Filling.WhenFull.Overflow("B"));

    private static final Spot SKARRA = new Spot("Skarra", new Position(47.5, -38.25));

    private static final Belongs OUTLINED = new Belongs(
            List.of(),
            Set.of(),
            Optional.empty(),
            Set.of(),
            Set.of(),
            List.of(),
            Optional.of(new Area.Outline(
                    "The fells", List.of(new Position(46, -38), new Position(47, -38), new Position(47, -37)))));

    /** Every way to talk, every kind of tone, through JSON and back. */
    @Test
    void aListComesBackFromItsDocumentUnchanged() {
        BandPlan plan = BandPlans.shipped().find("r2-north-america").orElseThrow();
        List<String> lines = List.of(
                "SKARRA 145.310- 71.9",
                "147.135 +0.5 T88.5 R88.5 low",
                "FERRY X 145.350 > 433.475 D023N/D047I",
                "LEG 1 147.510 nfm mid",
                "CLUB 146.835- T103.5 REV88.5 E L C",
                "MARINE 156.800",
                "\"72 \"\" Ö\" 146.550 am");
        NavigableMap<Integer, ListEntry> entries = new TreeMap<>();
        for (int slot = 0; slot < lines.size(); slot++) {
            String line = lines.get(slot);
            entries.put(
                    slot,
                    ListEntry.of(
                                    new UUID(1, slot),
                                    Reckoner.reckon(line, plan).channel().orElseThrow(),
                                    line)
                            .withPinned(slot == 2));
        }
        Channel taken =
                Reckoner.reckon("HARBOUR 146.940- 100.0", plan).channel().orElseThrow();
        entries.put(
                9,
                ListEntry.taken(
                        new UUID(1, 9),
                        taken,
                        "HARBOUR 146.940- 100.0",
                        new Origin("vellan:harbour", "QV0HA", "Harbour", Optional.of(new Position(47.25, -38.5)))));
        ChannelList list = new ChannelList(
                "Rück « »",
                plan.id(),
                "entry",
                new SlotRange(0, 9),
                new Intent(
                        "For the Round « »",
                        new NameRecipe(List.of(NamePart.CALL_SIGN, NamePart.DISTANCE), Optional.of(SKARRA)),
                        Map.of("LIGHTHOUSE", "LTS"),
                        Listening.QUIET_WHERE_PUBLISHED,
                        new PowerPolicy.LowestThatReaches(SKARRA)),
                List.of(
                        new Block("B", new SlotRange(1, 3)),
                        new Block(
                                "C",
                                new SlotRange(4, 6),
                                Optional.of(
                                        new Ordering.Along(List.of(SKARRA, new Spot("Holm", new Position(46, -38))))),
                                Optional.of(FILLING),
                                Optional.of(NameRecipe.of(NamePart.NUMBER, NamePart.CROSS_BAND_TALK))),
                        new Block(
                                "D",
                                new SlotRange(7, 8),
                                Optional.of(Ordering.By.LAST_PROVEN),
                                Optional.of(new Filling(OUTLINED, 0, new Filling.WhenFull.Refuse())),
                                Optional.empty())),
                entries,
                new Scanning(
                        List.of(
                                new Bank("Mine", Optional.empty(), List.of(new UUID(1, 2), new UUID(1, 0))),
                                new Bank(
                                        "Ruled",
                                        Optional.of(new BankRule(Optional.of(FILLING.belongs()), Optional.of("C"))),
                                        List.of())),
                        false,
                        true,
                        Optional.of(new UUID(1, 1))));
        list = ((ListChange.Changed) new BankEdit.Scan(List.of(new UUID(1, 4)), Optional.of(false)).applyTo(list))
                .list();
        list = ((ListChange.Changed) new BlockEdit.KeepOrder(
                                "B", Optional.of(new Ordering.Distance("Skarra", new Position(47.5, -38.25))))
                        .applyTo(list))
                .list();
        list = ((ListChange.Changed) new ListEdit.LayAside(new UUID(1, 3), new Dismissal("a-b", Field.SLOT, "so what"))
                        .applyTo(list))
                .list();
        list = ((ListChange.Changed) new ListEdit.Rewrite(
                                new UUID(1, 0), list.entries().get(1).channel(), "another line")
                        .applyTo(list))
                .list();
        for (ListEdit edit : List.of(
                new ManyEdit.Rank(List.of(new UUID(1, 5)), Optional.of(3)),
                new ManyEdit.Prove(List.of(new UUID(1, 5)), Optional.of(LocalDate.of(2026, 5, 1))))) {
            list = ((ListChange.Changed) edit.applyTo(list)).list();
        }
        String json = JSON.writeValueAsString(ListDocument.of(list));
        assertThat(JSON.readValue(json, ListDocument.class).toList()).isEqualTo(list);
    }

    /** What the first lists did not know yet reads as nothing, and nothing of theirs is lost. */
    @Test
    void aDocumentOfTheFirstDaysIsStillRead() {
        String old = """
                {"format":1,"name":"Old","bandPlan":"r2-north-america","firstSlot":0,"lastSlot":9,"blocks":[],"entries":[
                {"slot":3,"id":"00000000-0000-0001-0000-000000000001","line":"A 145.310- 71.9","pinned":true,"channel":
                {"name":"A","receiveHz":145310000,"talk":"rule","shiftHz":-600000,"transmitHz":null,
                "talkTone":"CTCSS 71.9","listenTone":"none","emission":"FM","power":"HIGH"}}]}""";
        ChannelList list = JSON.readValue(old, ListDocument.class).toList();
        ListEntry entry = list.entries().get(3);
        assertThat(entry.published()).isEqualTo("A 145.310- 71.9");
        assertThat(entry.dismissals()).isEmpty();
        assertThat(entry.channel().flags()).isEmpty();
        assertThat(entry.pinned()).isTrue();
        assertThat(list.licence()).isEmpty();
        assertThat(list.scanning()).isEqualTo(Scanning.USUAL);
    }

    /** The second format had five recipes for names, and areas that were circles. */
    @Test
    void aDocumentOfTheSecondFormatIsStillRead() {
        String old = """
                {"format":2,"name":"Old","bandPlan":"r2-north-america","licence":"","firstSlot":0,"lastSlot":9,
                "naming":"CALL_SIGN_AND_OUTPUT","blocks":[{"name":"NEAR","firstSlot":0,"lastSlot":5,"order":"DISTANCE",
                "orderFrom":{"place":"Skarra","latitude":47.5,"longitude":-38.25},"filling":{"spans":[],"uses":[],
                "talkTone":null,"emissions":[],"flags":[],"words":[],"area":{"place":"Skarra","latitude":47.5,
                "longitude":-38.25,"kilometres":40.0},"spare":1,"full":"grow","overflow":null}}],
                "entries":[],"scanning":null}""";
        ChannelList list = JSON.readValue(old, ListDocument.class).toList();
        assertThat(list.intent()).isEqualTo(Intent.named(NameRecipe.of(NamePart.CALL_SIGN, NamePart.LISTEN)));
        Block block = list.blocks().get(0);
        assertThat(block.order()).contains(new Ordering.Distance("Skarra", SKARRA.position()));
        assertThat(block.filling().orElseThrow().belongs().area())
                .contains(new Area.Circle("Skarra", SKARRA.position(), 40));
    }

    @Test
    void aDocumentOfANewerFormatIsNotGuessedAt() {
        ListDocument newer =
                new ListDocument(4, "x", "r2-north-america", "", 0, 9, "PLACE", null, null, List.of(), List.of(), null);
        assertThatThrownBy(newer::toList).hasMessageContaining("newer Reckonrod");
    }
}
