package reckonrod.core.list;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
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
import reckonrod.core.channel.Talk;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.FrequencyRange;
import reckonrod.core.notation.Reckoner;

/** A digit is a simplex channel, a letter one through a repeater, a capital one is pinned, a point is a free slot. */
class FilingTest {
    private static final Frequency OUTPUT = Frequency.parse("146.940");
    private static final Filling.WhenFull GROW = new Filling.WhenFull.Grow();
    private static final Filling.WhenFull REFUSE = new Filling.WhenFull.Refuse();
    private static final Belongs SIMPLEX = uses(Belongs.Use.SIMPLEX);
    private static final Belongs REPEATERS = uses(Belongs.Use.REPEATER);

    private static Belongs uses(Belongs.Use... uses) {
        return new Belongs(List.of(), Set.of(uses), Optional.empty(), Set.of(), Set.of(), List.of(), Optional.empty());
    }

    private static ListEntry entry(char name) {
        Channel channel = Channel.of(
                        OUTPUT, Character.isDigit(name) ? new Talk.Same() : new Talk.On(Frequency.parse("146.340")))
                .withName(String.valueOf(name));
        return ListEntry.of(new UUID(0, name), channel, "").withPinned(Character.isUpperCase(name));
    }

    private static ChannelList list(String slots, Block... blocks) {
        NavigableMap<Integer, ListEntry> entries = new TreeMap<>();
        for (int i = 0; i < slots.length(); i++) {
            if (slots.charAt(i) != '.') {
                entries.put(i, entry(slots.charAt(i)));
            }
        }
        return new ChannelList(
                "List", "plan", "", new SlotRange(0, slots.length() - 1), NameRecipe.PLACE, List.of(blocks), entries);
    }

    private static Block block(String name, int first, int last, Belongs belongs, int spare, Filling.WhenFull full) {
        return new Block(
                name,
                new SlotRange(first, last),
                Optional.empty(),
                Optional.of(new Filling(belongs, spare, full)),
                Optional.empty());
    }

    private static String drawn(ChannelList list) {
        StringBuilder text = new StringBuilder();
        for (int slot = 0; slot <= list.slots().last(); slot++) {
            ListEntry entry = list.entries().get(slot);
            text.append(entry == null ? "." : entry.channel().name());
        }
        return text.toString();
    }

    private static ListChange change(ChannelList list, ListEdit edit) {
        return ListEdit.applyAll(list, List.of(any -> edit));
    }

    private static String after(ChannelList list, ListEdit edit) {
        return change(list, edit).fold(changed -> drawn(changed.list()), ListChange.Refused::reason);
    }

    private static ListEdit put(int slot, String names) {
        List<ListEntry> entries =
                names.chars().mapToObj(name -> entry((char) name)).toList();
        return new ListEdit.Put(slot, entries);
    }

    private final Block talk = block("talk", 0, 3, SIMPLEX, 1, REFUSE);
    private final Block far = block("far", 5, 6, REPEATERS, 0, GROW);
    private final ChannelList list = list("1....a....", talk, far);

    @Test
    void newChannelsGoWhereTheyBelongAndThatIsTold() {
        ListChange.Changed one = (ListChange.Changed) change(list, put(9, "2"));
        assertThat(drawn(one.list())).isEqualTo("12...a....");
        assertThat(one.summary()).isEqualTo("Put 2 into slot 1 of block talk for simplex");
        assertThat(one.slot()).isEqualTo(1);

        ListChange.Changed several = (ListChange.Changed) change(list, put(9, "b2c3"));
        assertThat(drawn(several.list())).isEqualTo("123..abc..");
        assertThat(several.summary())
                .isEqualTo("Put 4 channels: 2 into block far for repeaters; 2 into block talk for simplex");
        assertThat(several.list().blocks().get(1).slots()).isEqualTo(new SlotRange(5, 7));
    }

    @Test
    void aBlockWithoutRoomKeepsItsSpareSlotsAndSaysWhatToDo() {
        assertThat(after(list, put(9, "234")))
                .isEqualTo(
                        "4 belongs into block talk (simplex), and no slot of 0–3 is free but for the 1 at its end that"
                                + " are kept spare. Make room there, or put it into a slot of your choice.");
        assertThat(after(list, new ListEdit.PutHere(3, List.of(entry('2'))))).isEqualTo("1..2.a....");
        // It grows up to the end of the list, and not over what stands there.
        assertThat(after(list, put(0, "bcde"))).isEqualTo("1....abcde");
        assertThat(after(list, put(0, "bcdef"))).contains("leaves it no room to grow");
        assertThat(after(list("1....a.9..", talk, far), put(0, "bc"))).contains("c belongs into block far");
    }

    @Test
    void whatFindsNoRoomIsPassedOn() {
        Block first = block("far", 5, 5, REPEATERS, 0, new Filling.WhenFull.Overflow("more"));
        ChannelList passing = list("1....a....", talk, first, new Block("more", new SlotRange(7, 8)));
        assertThat(after(passing, put(0, "bc"))).isEqualTo("1....a.bc.");
        assertThat(after(passing, put(0, "bcd"))).contains("and block more has no room either");
        ChannelList renamed = ((ListChange.Changed) change(passing, new BlockEdit.RenameBlock("more", "rest"))).list();
        assertThat(after(renamed, put(0, "b"))).isEqualTo("1....a.b..");
        // One that is filled by itself too keeps what was passed on to it.
        ChannelList both = list("1....a....", talk, first, block("more", 7, 8, SIMPLEX, 0, REFUSE));
        ChannelList filled = ((ListChange.Changed) change(both, put(0, "bc"))).list();
        assertThat(after(filled, new ListEdit.Delete(new UUID(0, 'b')))).isEqualTo("1....a..c.");
    }

    @Test
    void aSlotThatIsNoneIsRefusedEvenWhereItWouldNotBeNeeded() {
        assertThat(after(list, put(10, "2"))).isEqualTo("The list has slots 0–9; slot 10 is none of them.");
        assertThat(change(list, put(1, ""))).isInstanceOf(ListChange.Refused.class);
    }

    /** What belongs into no block goes where it was put, and never by itself into one that is for others. */
    @Test
    void whatBelongsNowhereStaysOutside() {
        ChannelList one = list("1....a....", talk);
        ListChange.Changed put = (ListChange.Changed) change(one, put(1, "b2"));
        assertThat(drawn(put.list())).isEqualTo("12..ba....");
        assertThat(put.summary()).isEqualTo("Put 2 channels: into slot 1 of block talk for simplex; 1 from slot 4");
        assertThat(after(list("1...zabcde", talk), put(0, "f"))).contains("f belongs into no block", "room for 0");
    }

    @Test
    void aRuleBringsWhatIsThereAlreadyAndTakesNoPinnedOne() {
        ChannelList before =
                list("1a2B..c.3.", new Block("talk", new SlotRange(0, 5)), new Block("far", new SlotRange(6, 7)));
        ListChange.Changed filled = (ListChange.Changed)
                change(before, new BlockEdit.Fill("far", Optional.of(new Filling(REPEATERS, 0, REFUSE))));
        assertThat(drawn(filled.list())).isEqualTo("1.2B..ca3.");
        assertThat(filled.summary()).isEqualTo("Fill block far with repeaters; 1 channel comes");
        // With both there, what stands in the wrong one goes over as soon as that has room.
        ListChange.Changed both = (ListChange.Changed)
                change(filled.list(), new BlockEdit.Fill("talk", Optional.of(new Filling(SIMPLEX, 0, REFUSE))));
        assertThat(drawn(both.list())).isEqualTo("132B..ca..");
        assertThat(after(
                        both.list(),
                        new BlockEdit.Fill(
                                "talk", Optional.of(new Filling(SIMPLEX, 0, new Filling.WhenFull.Overflow("none"))))))
                .contains("There is no block \"none\"");
        assertThat(after(
                        both.list(),
                        new BlockEdit.Fill(
                                "talk", Optional.of(new Filling(SIMPLEX, 0, new Filling.WhenFull.Overflow("talk"))))))
                .contains("cannot pass on to itself");
    }

    /** An edit that makes a channel another one brings it into its block, and a move against the rule is refused in words. */
    @Test
    void theRulesAreTrueAfterEveryChange() {
        ListEntry other = entry('x');
        ListChange.Changed rewritten =
                (ListChange.Changed) change(list, new ListEdit.Rewrite(new UUID(0, '1'), other.channel(), ""));
        assertThat(drawn(rewritten.list())).isEqualTo(".....ax...");
        assertThat(rewritten.summary()).isEqualTo("Edit x; x belongs into far");
        assertThat(rewritten.slot()).isEqualTo(6);
        assertThat(after(
                        list("1...a.....", talk, block("far", 4, 4, REPEATERS, 0, REFUSE)),
                        new ListEdit.Move(new UUID(0, 'a'), 2, MoveWay.SWAP)))
                .contains("a belongs into far, so everything would stand as it stood");
    }

    @Test
    void whatBelongsIsAskedInEveryWay() {
        BandPlan plan = BandPlans.shipped().find("r2-north-america").orElseThrow();
        Belongs.Span two = new Belongs.Span("2 m", new FrequencyRange(Frequency.parse("144"), Frequency.parse("148")));
        Belongs all = new Belongs(
                List.of(two),
                Set.of(Belongs.Use.REPEATER),
                Optional.of(true),
                Set.of(Emission.FM),
                Set.of(DirectoryFlag.LINKED, DirectoryFlag.OPEN),
                List.of("ska", "pell"),
                Optional.empty());
        assertThat(all.said()).isEqualTo("2 m, repeaters, with a talk tone, FM, linked or open, \"ska\" or \"pell\"");
        assertThat(all.holds(entry("SKARRA 145.310- 71.9 L", plan))).isTrue();
        for (String line : List.of(
                "SKARRA 443.500+ 71.9 L",
                "SKARRA 145.310 simplex 71.9 L",
                "SKARRA 145.310- L",
                "SKARRA 145.310- 71.9 nfm L",
                "SKARRA 145.310- 71.9",
                "HALDEN 145.310- 71.9 L")) {
            assertThat(all.holds(entry(line, plan))).as(line).isFalse();
        }
        Belongs bare =
                new Belongs(List.of(), Set.of(), Optional.of(false), Set.of(), Set.of(), List.of(), Optional.empty());
        assertThat(bare.holds(entry("SKARRA 145.310-", plan))).isTrue();
        assertThat(bare.holds(entry("TOWER 132.810 am", plan))).isFalse();
        assertThatThrownBy(() -> new Belongs(
                        List.of(), Set.of(), Optional.empty(), Set.of(), Set.of(), List.of(), Optional.empty()))
                .hasMessageContaining("must be said");
    }

    private static ListEntry entry(String line, BandPlan plan) {
        return ListEntry.of(new UUID(0, 0), channel(line, plan), line);
    }

    private static Channel channel(String line, BandPlan plan) {
        return Reckoner.reckon(line, plan).channel().orElseThrow();
    }
}
