package reckonrod.core.rework;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Power;
import reckonrod.core.finding.Field;
import reckonrod.core.list.BlockEdit;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.Dismissal;
import reckonrod.core.list.ListChange;
import reckonrod.core.list.ListEdit;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.Listening;
import reckonrod.core.list.NamePart;
import reckonrod.core.list.NameRecipe;
import reckonrod.core.list.SlotRange;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.notation.ToneText;
import reckonrod.core.tone.NoTone;

class ReworkingTest {
    private final BandPlan plan = BandPlans.shipped().find("r2-north-america").orElseThrow();
    private final ChannelList list =
            list("SKARRA 145.310- 71.9", "HALDEN 147.135+ 127.3 low", "\"LEG 2\" 147.510", "TOWER 132.810 am");

    private ChannelList list(String... lines) {
        return made(
                ChannelList.empty("list", plan.id(), new SlotRange(1, 20)),
                new ListEdit.Put(1, entries(List.of(lines))));
    }

    private List<ListEntry> entries(List<String> lines) {
        List<ListEntry> entries = new ArrayList<>();
        for (String line : lines) {
            entries.add(ListEntry.of(
                    new UUID(0, entries.size()),
                    Reckoner.reckon(line, plan).channel().orElseThrow(),
                    line));
        }
        return entries;
    }

    private static ChannelList made(ChannelList list, ListEdit... edits) {
        ChannelList now = list;
        for (ListEdit edit : edits) {
            now = ((ListChange.Changed) edit.applyTo(now)).list();
        }
        return now;
    }

    private ListChange reworked(Rework rework) {
        return Reworking.of(
                        list,
                        list.entries().values().stream().map(ListEntry::id).toList(),
                        rework,
                        plan)
                .applyTo(list);
    }

    private static Rework.Set power(Power power) {
        return new Rework.Set(Optional.of(power), Optional.empty(), Optional.empty(), Optional.empty());
    }

    @Test
    void powerIsSetWhereThereIsTalkAndEveryLineReadsBack() {
        ListChange.Changed changed = (ListChange.Changed) reworked(power(Power.LOW));

        assertThat(changed.summary()).isEqualTo("Set power low of 2 channels");
        assertThat(changed.list().entries().values())
                .extracting(each -> each.channel().power())
                .containsExactly(Power.LOW, Power.LOW, Power.LOW, Power.HIGH);
        assertThat(changed.list().entries().values())
                .allSatisfy(each ->
                        assertThat(Reckoner.reckon(each.line(), plan).channel()).contains(each.channel()));
    }

    @Test
    void whatIsSoAlreadyIsNoChange() {
        assertThat(reworked(power(Power.HIGH))).isInstanceOf(ListChange.Changed.class);
        assertThat(reworked(new Rework.ReplaceInName("BREN", "X")))
                .isEqualTo(new ListChange.Refused("They are so already. Nothing was changed."));
        assertThatThrownBy(() -> new Rework.Set(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty()))
                .hasMessageContaining("Something must be set");
    }

    @Test
    void aListenOnlyChannelGetsNoTalkTone() {
        ChannelList changed = ((ListChange.Changed) reworked(new Rework.Set(
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(ToneText.read("88.5", plan)),
                        Optional.of(NoTone.NONE))))
                .list();

        assertThat(changed.entries().get(4)).isEqualTo(list.entries().get(4));
        assertThat(changed.entries().get(3).channel().talkTone()).hasToString("CTCSS 88.5");
    }

    /** The words that get into a name could be words of the notation, or take the name away. */
    @Test
    void wordsInNamesGiveWayInWhateverCase() {
        ChannelList changed =
                ((ListChange.Changed) reworked(new Rework.ReplaceInName("skarra", "Low 145.5 \"x\""))).list();
        assertThat(changed.entries().get(1).channel().name()).isEqualTo("Low 145.5 \"x\"");
        assertThat(Reckoner.reckon(changed.entries().get(1).line(), plan).channel())
                .contains(changed.entries().get(1).channel());

        assertThat(((ListChange.Changed) reworked(new Rework.ReplaceInName("LEG ", "$1\\")))
                        .list()
                        .entries()
                        .get(3)
                        .channel()
                        .name())
                .isEqualTo("$1\\2");
        assertThatThrownBy(() -> reworked(new Rework.ReplaceInName("HALDEN", " ")))
                .hasMessage("HALDEN would have no name left");
        assertThatThrownBy(() -> reworked(new Rework.ReplaceInName("HALDEN", "H".repeat(33))))
                .hasMessageContaining("at most 32 characters");
    }

    @Test
    void oneThatIsGoneStopsAll() {
        ListChange change = Reworking.of(list, List.of(new UUID(0, 0), new UUID(9, 9)), power(Power.LOW), plan)
                .applyTo(list);
        assertThat(change)
                .isEqualTo(new ListChange.Refused("1 channel is no longer in the list. Nothing was changed."));
    }

    @Test
    void anotherNameLeavesAsideWhatWasLaidAside() {
        UUID id = new UUID(0, 0);
        ChannelList with = made(
                list,
                new ListEdit.LayAside(id, new Dismissal("off-raster", Field.RECEIVE, "old repeater")),
                new ListEdit.LayAside(id, new Dismissal("name-twice", Field.NAME, "on purpose")));
        ChannelList renamed =
                made(with, Reworking.of(with, List.of(id), new Rework.ReplaceInName("SKARRA", "SKAR"), plan));
        assertThat(renamed.entries().get(1).dismissals())
                .extracting(Dismissal::code)
                .containsExactly("off-raster");

        ChannelList retoned = made(
                with,
                Reworking.of(
                        with,
                        List.of(id),
                        new Rework.Set(Optional.empty(), Optional.empty(), Optional.of(NoTone.NONE), Optional.empty()),
                        plan));
        assertThat(retoned.entries().get(1).dismissals()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "118.8, CTCSS 118.8",
        "CTCSS 118.8, CTCSS 118.8",
        "PL 118.8 Hz, CTCSS 118.8",
        "2B, CTCSS 118.8",
        "D023N, DCS 023 N",
        "DCS 023 N, DCS 023 N",
        "023I, DCS 023 I",
        "none, none",
        "REV88.5, reversed CTCSS 88.5",
        "OFF, none",
        "' 88.5 ', CTCSS 88.5"
    })
    void aToneIsReadAsPeopleWriteIt(String text, String tone) {
        assertThat(ToneText.read(text, plan)).hasToString(tone);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "  ",
                "118.9",
                "71.5",
                "hello",
                "88.5 103.5",
                "88.5 +",
                "low",
                "446.000",
                "88.5 nfm",
                "D024N",
                "T88.5 R103.5"
            })
    void whatIsNoToneIsRefused(String text) {
        assertThatThrownBy(() -> ToneText.read(text, plan))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("A tone must be");
    }

    private static List<String> names(ListChange change) {
        return ((ListChange.Changed) change)
                .list().entries().values().stream()
                        .map(each -> each.channel().name())
                        .toList();
    }

    /** A block's own recipe names what stands in it; the list's names the rest. */
    @Test
    void namesAreMadeByTheRecipeOfTheBlockOrElseOfTheList() {
        ChannelList blocks = made(
                list,
                new BlockEdit.AddBlock("LEGS", new SlotRange(2, 3)),
                new BlockEdit.NameBlock("LEGS", Optional.of(NameRecipe.of(NamePart.BAND, NamePart.NUMBER))),
                new ListEdit.Mean(list.intent().naming(NameRecipe.of(NamePart.LISTEN)), "x"));
        List<UUID> all = blocks.entries().values().stream().map(ListEntry::id).toList();
        ListChange change = Reworking.of(blocks, all, new Rework.NameBy(Optional.empty(), blocks, plan), plan)
                .applyTo(blocks);
        assertThat(names(change)).containsExactly("145.310", "2m 1", "2m 2", "132.808333");
        assertThat(((ListChange.Changed) change).summary())
                .isEqualTo("Name 4 channels by the recipes of the list and its blocks");
    }

    /** Open and back again: what was published is not lost, and a tone that nobody published is not invented. */
    @Test
    void aListeningPolicyOpensChannelsAndBringsPublishedTonesBack() {
        ChannelList quiet = list("A 145.310- 71.9 rx 88.5", "B 147.135+ 127.3", "C 147.510");
        List<UUID> all = quiet.entries().values().stream().map(ListEntry::id).toList();
        ListChange.Changed open =
                (ListChange.Changed) Reworking.of(quiet, all, new Rework.Listen(Listening.OPEN, plan), plan)
                        .applyTo(quiet);
        assertThat(open.summary()).isEqualTo("Listening policy open: no channel waits for a tone changes 1 channel");
        assertThat(open.list().entries().values())
                .extracting(each -> each.channel().listenTone().isPresent())
                .containsExactly(false, false, false);
        ListChange.Changed back = (ListChange.Changed)
                Reworking.of(open.list(), all, new Rework.Listen(Listening.QUIET_WHERE_PUBLISHED, plan), plan)
                        .applyTo(open.list());
        assertThat(back.list().entries().values())
                .extracting(each -> each.channel().listenTone().toString())
                .containsExactly("CTCSS 88.5", "none", "none");
        assertThat(back.list().entries().values())
                .allSatisfy(each ->
                        assertThat(Reckoner.reckon(each.line(), plan).channel()).contains(each.channel()));
    }

    /** Of whatever tones and kinds: a policy is settled the first time, no policy touches what a channel sends, every line reads back. */
    @Test
    void aPolicySetTwiceIsAPolicySetOnce() {
        List<String> lines = new ArrayList<>();
        for (String pair : List.of("145.310-", "147.135+", "446.000", "145.350 > 433.475", "162.550 rx")) {
            for (String tones :
                    List.of("", "71.9", "T88.5 R100.0", "R100.0", "D023N", "D023N/D047I", "T103.5 REV88.5")) {
                for (String more : List.of("", "nfm low", "mid E L")) {
                    lines.add("N" + lines.size() + " " + pair + " " + tones + " " + more);
                }
            }
        }
        lines.removeIf(line -> Reckoner.reckon(line, plan).channel().isEmpty());
        assertThat(lines).hasSizeGreaterThan(70);
        ChannelList many =
                made(ChannelList.empty("many", plan.id(), new SlotRange(1, 200)), new ListEdit.Put(1, entries(lines)));
        List<UUID> all = many.entries().values().stream().map(ListEntry::id).toList();
        for (Listening policy : Listening.values()) {
            ChannelList once = settled(many, all, policy);
            assertThat(settled(once, all, policy)).isEqualTo(once);
            assertThat(once.entries().values())
                    .extracting(each -> each.channel().talkTone())
                    .isEqualTo(many.entries().values().stream()
                            .map(each -> each.channel().talkTone())
                            .toList());
            assertThat(channels(settled(settled(once, all, Listening.OPEN), all, Listening.QUIET_WHERE_PUBLISHED)))
                    .isEqualTo(channels(settled(many, all, Listening.QUIET_WHERE_PUBLISHED)));
        }
    }

    private static List<Channel> channels(ChannelList list) {
        return list.entries().values().stream().map(ListEntry::channel).toList();
    }

    private ChannelList settled(ChannelList from, List<UUID> all, Listening policy) {
        return Reworking.of(from, all, new Rework.Listen(policy, plan), plan)
                .applyTo(from)
                .fold(ListChange.Changed::list, same -> from);
    }
}
