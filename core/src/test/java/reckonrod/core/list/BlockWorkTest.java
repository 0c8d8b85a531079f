package reckonrod.core.list;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Talk;
import reckonrod.core.frequency.Frequency;

/** Lists are written as one character a slot: a letter is a channel, a capital one is pinned, a point is free. */
class BlockWorkTest {
    private static ChannelList list(String slots, Block... blocks) {
        NavigableMap<Integer, ListEntry> entries = new TreeMap<>();
        for (int i = 0; i < slots.length(); i++) {
            char each = slots.charAt(i);
            if (each != '.') {
                Channel channel =
                        Channel.of(Frequency.parse("146.520"), new Talk.Same()).withName(String.valueOf(each));
                entries.put(i, ListEntry.of(new UUID(0, each), channel, "").withPinned(Character.isUpperCase(each)));
            }
        }
        return new ChannelList(
                "List", "plan", "", new SlotRange(0, slots.length() - 1), NameRecipe.PLACE, List.of(blocks), entries);
    }

    private static Block block(String name, int first, int last) {
        return new Block(name, new SlotRange(first, last));
    }

    /** The channels and the blocks, such as {@code ab.. one 0–1}. */
    private static String drawn(ChannelList list) {
        StringBuilder text = new StringBuilder();
        for (int slot = 0; slot <= list.slots().last(); slot++) {
            ListEntry entry = list.entries().get(slot);
            text.append(entry == null ? "." : entry.channel().name());
        }
        list.blocks()
                .forEach(
                        each -> text.append(' ').append(each.name()).append(' ').append(each.slots()));
        return text.toString();
    }

    private static String after(ChannelList list, ListEdit edit) {
        return edit.applyTo(list).fold(changed -> drawn(changed.list()), ListChange.Refused::reason);
    }

    private static final Block ONE = block("one", 0, 2);
    private static final Block TWO = block("two", 4, 5);

    private static final ChannelList LIST = list("abcdefg.h.", ONE, TWO);

    /** A block takes what is in it along, and what it passes closes up behind it, blocks and gaps as they were. */
    @ParameterizedTest
    @CsvSource({
        "one, 3, defabcg.h. two 1–2 one 3–5",
        "one, 4, defgabc.h. two 1–2 one 4–6",
        "two, 0, efabcdg.h. two 0–1 one 2–4",
        "two, 6, abcdg.efh. one 0–2 two 6–7",
        "two, 8, abcdg.h.ef one 0–2 two 8–9"
    })
    void aBlockMovesWithAllInIt(String name, int to, String expected) {
        assertThat(after(LIST, new BlockEdit.MoveBlock(name, to))).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "one; 2; Block one would come to stand in the middle of block two, which has slots 4–5",
                "two; 1; in the middle of block one",
                "two; 9; a block of 2 slots cannot begin at 9",
                "two; 4; begins at slot 4 already",
                "three; 1; no block \"three\""
            })
    void aBlockThatCannotGoThereSaysWhy(String name, int to, String says) {
        assertThat(after(LIST, new BlockEdit.MoveBlock(name, to))).contains(says);
    }

    /** Neither a pinned channel of the block nor one that would have to give way is moved. */
    @Test
    void pinnedChannelsStopABlock() {
        assertThat(after(list("aBcdef", ONE), new BlockEdit.MoveBlock("one", 3)))
                .contains("B (slot 1) is pinned and would have to move");
        assertThat(after(list("abcdEf", ONE), new BlockEdit.MoveBlock("one", 3)))
                .contains("E (slot 4)");
        assertThat(after(list("abcdEf", ONE), new BlockEdit.MoveBlock("one", 1)))
                .isEqualTo("dabcEf one 1–3");
    }

    @Test
    void blocksAreMadeSizedSplitJoinedAndRemovedWithoutMovingAChannel() {
        ChannelList list = LIST;
        for (ListEdit edit : List.of(
                new BlockEdit.AddBlock(" three ", new SlotRange(6, 9)),
                new BlockEdit.SplitBlock("one", 1, "rest"),
                new BlockEdit.ResizeBlock("two", new SlotRange(3, 4)),
                new BlockEdit.RenameBlock("three", "last"),
                new BlockEdit.JoinBlocks("two"),
                new BlockEdit.RemoveBlock("rest"))) {
            list = edit.applyTo(list).fold(ListChange.Changed::list, refused -> {
                throw new AssertionError(edit + ": " + refused.reason());
            });
        }
        assertThat(drawn(list)).isEqualTo("abcdefg.h. one 0–0 two 3–9");
        assertThat(((ListChange.Changed) new BlockEdit.ResizeBlock("one", new SlotRange(0, 1)).applyTo(LIST)).summary())
                .isEqualTo("Block one has slots 0–1; 1 channel stands outside of it now");
    }

    @Test
    void whatWouldMakeBlocksUnclearIsRefused() {
        assertThat(after(LIST, new BlockEdit.AddBlock("new", new SlotRange(5, 7))))
                .contains("block two at 4–5 have slots in common");
        assertThat(after(LIST, new BlockEdit.AddBlock("Two", new SlotRange(7, 7))))
                .contains("There is a block two");
        assertThat(after(LIST, new BlockEdit.AddBlock(" ", new SlotRange(7, 7))))
                .contains("needs a name");
        assertThat(after(LIST, new BlockEdit.ResizeBlock("one", new SlotRange(0, 12))))
                .contains("does not fit in");
        assertThat(after(LIST, new BlockEdit.SplitBlock("one", 0, "x"))).contains("from slot 1 on");
        assertThat(after(LIST, new BlockEdit.JoinBlocks("two"))).contains("No block follows two");
        assertThat(after(LIST, new BlockEdit.RenameBlock("one", "TWO"))).contains("There is a block two");
        assertThat(after(LIST, new BlockEdit.RenameBlock("one", "ONE"))).isEqualTo("abcdefg.h. ONE 0–2 two 4–5");
    }

    private static List<UUID> ids(String letters) {
        return letters.chars().mapToObj(each -> new UUID(0, each)).toList();
    }

    @Test
    void chosenChannelsMoveTogetherAroundThoseThatStay() {
        assertThat(after(LIST, new ManyEdit.MoveMany(ids("ah"), 6))).isEqualTo(".bcdefgah. one 0–2 two 4–5");
        assertThat(after(LIST, new ManyEdit.MoveMany(ids("hba"), 0))).isEqualTo("abcdefgh.. one 0–2 two 4–5");
        assertThat(after(LIST, new ManyEdit.MoveMany(ids("abc"), 8))).contains("up to slot 9 there is room for 1");
        assertThat(after(list("a.B.c..", ONE), new ManyEdit.CloseGaps(ids("aBc"))))
                .isEqualTo("acB.... one 0–2");
        assertThat(((ListChange.Changed) new ManyEdit.CloseGaps(ids("aBc")).applyTo(list("a.B.c..", ONE))).summary())
                .isEqualTo("Close the gaps between 2 channels; 1 stands in another block now; B stayed, being pinned");
        assertThat(after(list("AB"), new ManyEdit.CloseGaps(ids("AB")))).contains("pinned channels stay");
        assertThat(after(list("ab"), new ManyEdit.CloseGaps(ids("ab")))).contains("stand like that already");
        assertThat(after(LIST, new ManyEdit.DeleteMany(ids("az")))).contains("1 channel is no longer in the list");
        assertThat(after(LIST, new ManyEdit.DeleteMany(List.of()))).contains("No channel is chosen");
        assertThat(after(list("aBc"), new ManyEdit.DeleteMany(ids("aBc")))).isEqualTo(".B.");
        assertThat(after(list("A"), new ManyEdit.DeleteMany(ids("A")))).contains("pinned channels stay");
        assertThat(after(list("aBc"), new ManyEdit.PinMany(ids("ac"), true))).isEqualTo("aBc");
        assertThat(after(LIST, new ManyEdit.DeleteMany(ids("cd")))).isEqualTo("ab..efg.h. one 0–2 two 4–5");
    }

    /** Sorting changes places only among those that were chosen, and figures in names count as figures. */
    @Test
    void channelsAreSortedWithinTheSlotsThatTheyHave() {
        NavigableMap<Integer, ListEntry> entries = new TreeMap<>();
        String[] names = {"LEG 10", "", "leg 2", "ALFA", "LEG 1"};
        for (int i = 0; i < names.length; i++) {
            Channel channel = Channel.of(Frequency.parse("146." + (590 - 10 * i)), new Talk.Same())
                    .withName(names[i]);
            entries.put(2 * i, ListEntry.of(new UUID(0, i), channel, "").withPinned(i == 3));
        }
        ChannelList list =
                ChannelList.empty("List", "plan", new SlotRange(0, 9)).with(entries);
        List<UUID> all = entries.values().stream().map(ListEntry::id).toList();
        ListChange.Changed named = (ListChange.Changed) new ManyEdit.Order(all, Ordering.By.NAME).applyTo(list);
        assertThat(names(named.list())).containsExactly("LEG 1", "leg 2", "LEG 10", "ALFA", "");
        assertThat(named.list().entries()).containsOnlyKeys(0, 2, 4, 6, 8);
        assertThat(named.summary()).isEqualTo("Order 4 channels by name; ALFA stayed, being pinned");
        ListChange.Changed some = (ListChange.Changed)
                new ManyEdit.Order(List.of(all.get(0), all.get(2)), Ordering.By.FREQUENCY).applyTo(list);
        assertThat(names(some.list())).containsExactly("leg 2", "", "LEG 10", "ALFA", "LEG 1");
    }

    /** A rule of a block is true after every change, pinned channels stay, and what a rule undoes at once is refused. */
    @Test
    void aBlockIsKeptInItsOrder() {
        ChannelList list = list("cBa.d.", block("one", 0, 3));
        ListChange.Changed kept = all(list, new BlockEdit.KeepOrder("one", Optional.of(Ordering.By.NAME)));
        assertThat(drawn(kept.list())).isEqualTo("aBc.d. one 0–3");
        assertThat(kept.summary()).isEqualTo("Keep block one in order by name; 2 take their place in one");
        // What comes in finds its place, and the cursor goes along.
        ListChange.Changed moved = all(kept.list(), new ListEdit.Move(new UUID(0, 'd'), 3, MoveWay.SWAP));
        assertThat(drawn(moved.list())).isEqualTo("aBcd.. one 0–3");
        ListEntry zero = ListEntry.of(
                new UUID(0, 1),
                Channel.of(Frequency.parse("146.520"), new Talk.Same()).withName("0"),
                "");
        ListChange.Changed put = all(kept.list(), new ListEdit.Put(3, List.of(zero)));
        assertThat(drawn(put.list())).isEqualTo("0Bacd. one 0–3");
        assertThat(put.slot()).isZero();
        // By hand it cannot be put out of order, and it says so.
        assertThat(ListEdit.applyAll(kept.list(), List.of(any -> new ListEdit.Move(new UUID(0, 'c'), 0, MoveWay.SWAP)))
                        .fold(changed -> drawn(changed.list()), ListChange.Refused::reason))
                .contains("Block one is kept in order by name", "let the block be as it is placed");
        assertThat(drawn(all(kept.list(), new BlockEdit.KeepOrder("one", Optional.empty()))
                        .list()))
                .isEqualTo("aBc.d. one 0–3");
        // The rule goes along with the block.
        assertThat(all(kept.list(), new BlockEdit.SplitBlock("one", 2, "two"))
                        .list()
                        .blocks())
                .allMatch(each -> each.order().equals(Optional.of(Ordering.By.NAME)));
    }

    private static ListChange.Changed all(ChannelList list, ListEdit edit) {
        return (ListChange.Changed) ListEdit.applyAll(list, List.of(any -> edit));
    }

    @Test
    void whatAChangeMovesIsTold() {
        ChannelList after = all(LIST, new ManyEdit.MoveMany(ids("ab"), 7)).list();
        assertThat(ChannelMove.between(LIST, after))
                .containsExactly(
                        new ChannelMove("a", Optional.of(0), Optional.of(7)),
                        new ChannelMove("b", Optional.of(1), Optional.of(9)));
        ChannelList less = all(LIST, new ManyEdit.DeleteMany(ids("h"))).list();
        assertThat(ChannelMove.between(LIST, less))
                .containsExactly(new ChannelMove("h", Optional.of(8), Optional.empty()));
        assertThat(ChannelMove.between(less, LIST))
                .containsExactly(new ChannelMove("h", Optional.empty(), Optional.of(8)));
    }

    private static List<String> names(ChannelList list) {
        return list.entries().values().stream()
                .map(each -> each.channel().name())
                .toList();
    }
}
