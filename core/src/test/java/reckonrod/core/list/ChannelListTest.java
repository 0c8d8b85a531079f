package reckonrod.core.list;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.finding.Field;
import reckonrod.core.notation.Reckoner;

class ChannelListTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final UUID A = new UUID(0, 1);
    private static final UUID B = new UUID(0, 2);
    private static final UUID C = new UUID(0, 3);

    private final ChannelList empty = ChannelList.empty("Test", R2.id(), new SlotRange(0, 4));

    private static ChannelList put(ChannelList list, int slot, UUID id, String line) {
        Channel channel = Reckoner.reckon(line, R2).channel().orElseThrow();
        return ok(list.put(slot, ListEntry.of(id, channel, line)));
    }

    private static ChannelList ok(ListChange change) {
        assertThat(change).isInstanceOf(ListChange.Changed.class);
        return ((ListChange.Changed) change).list();
    }

    private static String refusal(ListChange change) {
        assertThat(change).isInstanceOf(ListChange.Refused.class);
        return ((ListChange.Refused) change).reason();
    }

    @Test
    void puttingOnATakenSlotGoesToTheNextFreeOneAndNeverOverwrites() {
        ChannelList list = put(put(put(empty, 2, A, "A 145.310-"), 2, B, "B 145.430-"), 3, C, "C 146.520");
        assertThat(list.slotOf(A)).contains(2);
        assertThat(list.slotOf(B)).contains(3);
        assertThat(list.slotOf(C)).contains(4);
        assertThat(refusal(list.put(2, list.entries().get(2)))).contains("No slot from 2 to 4 is free");
        assertThat(refusal(list.put(5, list.entries().get(2)))).contains("slots 0–4");
    }

    @Test
    void movingOntoAChannelSwapsAndAPinnedOneStays() {
        ChannelList list = put(put(empty, 0, A, "A 145.310-"), 1, B, "B 145.430-");
        ChannelList swapped = ok(list.move(A, 1, MoveWay.SWAP));
        assertThat(swapped.slotOf(A)).contains(1);
        assertThat(swapped.slotOf(B)).contains(0);
        ChannelList pinned = ok(list.pin(B, true));
        assertThat(refusal(pinned.move(A, 1, MoveWay.SWAP))).contains("B is pinned to slot 1");
        assertThat(refusal(pinned.move(B, 4, MoveWay.SWAP))).contains("B is pinned to slot 1");
        assertThat(ok(pinned.move(A, 4, MoveWay.SWAP)).slotOf(B)).contains(1);
    }

    @Test
    void pushingGivesWayToTheNextFreeSlotOverPinsAndNeverOutOfABlock() {
        ChannelList list = put(put(put(empty, 0, A, "A 145.310-"), 1, B, "B 145.430-"), 2, C, "C 146.520");
        ChannelList pushed = ok(list.move(C, 0, MoveWay.PUSH));
        assertThat(pushed.entries().values())
                .extracting(each -> each.channel().name())
                .containsExactly("C", "A", "B");
        ListChange overPin = ok(list.pin(B, true)).move(C, 0, MoveWay.PUSH);
        assertThat(ok(overPin).entries().get(2).id()).isEqualTo(A);
        assertThat(((ListChange.Changed) overPin).summary())
                .isEqualTo("Move C to slot 0; 1 channel gives way; B stays pinned");
        ChannelList blocked = new ChannelList(
                list.name(),
                list.bandPlanId(),
                "",
                list.slots(),
                list.naming(),
                List.of(new Block("FIRST", new SlotRange(0, 1))),
                list.entries());
        assertThat(refusal(blocked.move(C, 0, MoveWay.PUSH))).contains("Pushing would move B out of block FIRST");
        assertThat(((ListChange.Changed) blocked.move(C, 0, MoveWay.SWAP)).summary())
                .isEqualTo("Move C to slot 0, into block FIRST; A takes slot 2");
        ChannelList full = put(put(list, 3, new UUID(0, 4), "D 147.510"), 4, new UUID(0, 5), "E 147.540");
        assertThat(refusal(put(empty, 4, A, "A 145.310-").put(4, full.entries().get(0))))
                .contains("No slot");
    }

    @Test
    void aChannelThatIsGoneIsSaidAndNothingChanges() {
        ChannelList list = ok(put(empty, 0, A, "A 145.310-").delete(A));
        assertThat(list.entries()).isEmpty();
        assertThat(refusal(list.move(A, 1, MoveWay.SWAP))).contains("no longer in the list");
    }

    @Test
    void manyChannelsGoInTogetherOrNotAtAll() {
        ChannelList list = put(empty, 1, A, "A 146.520");
        List<ListEntry> three = entries("B 146.550", "C 146.580", "D 147.510");
        assertThat(list.freeFrom(1)).isEqualTo(3);
        ChannelList full = ok(list.putAll(0, three));
        assertThat(full.entries().keySet()).containsExactly(0, 1, 2, 3);
        assertThat(full.entries().get(1).id()).isEqualTo(A);
        assertThat(refusal(list.putAll(2, entries("B 146.550", "C 146.580", "D 147.510", "E 147.540"))))
                .contains("4 channels are to go in, and 3 slots from 2 to 4 are free");
    }

    @Test
    void aBlockTakesTheFirstRunThatIsFreeAndInNoOtherBlock() {
        ChannelList wide = ok(ChannelList.empty("W", R2.id(), new SlotRange(0, 9))
                .putBlock("First", 0, entries("A 146.520", "B 146.550")));
        wide = put(wide, 3, A, "C 146.580");
        ChannelList two = ok(wide.putBlock("Pass", 0, entries("D 147.510", "E 147.540")));
        assertThat(two.blocks()).extracting(Block::name).containsExactly("First", "Pass");
        assertThat(two.blocks().get(1).slots()).isEqualTo(new SlotRange(4, 5));
        assertThat(refusal(two.putBlock("Long", 0, entries("1 146.4", "2 146.4", "3 146.4", "4 146.4", "5 146.4"))))
                .contains("No 5 slots in a row from 0 to 9");
    }

    /** What is laid aside stays so until the channel changes; a move or a pin is no change of the channel. */
    @Test
    void aDismissalEndsWithItsChannel() {
        ChannelList list = ok(put(empty, 0, A, "A 146.520").dismiss(A, new Dismissal("x-y", Field.POWER, " fine ")));
        list = ok(ok(list.move(A, 2, MoveWay.SWAP)).pin(A, true));
        assertThat(list.entries().get(2).dismissals()).containsExactly(new Dismissal("x-y", Field.POWER, "fine"));
        ListEntry entry = list.entries().get(2);
        assertThat(ok(list.edit(A, entry.channel(), "other words"))
                        .entries()
                        .get(2)
                        .dismissals())
                .hasSize(1);
        Channel other = entry.channel().withPower(reckonrod.core.channel.Power.LOW);
        assertThat(ok(list.edit(A, other, "A 146.520 low")).entries().get(2).dismissals())
                .isEmpty();
        assertThat(ok(list.lookAgain(A, "x-y", Field.POWER)).entries().get(2).dismissals())
                .isEmpty();
    }

    @Test
    void anEditKeepsTheLineTheChannelCameInAs() {
        ChannelList list = put(empty, 0, A, "A 145.310- 71.9");
        ListEntry edited = ok(list.edit(A, list.entries().get(0).channel(), "A 145.310- 77.0"))
                .entries()
                .get(0);
        assertThat(edited.line()).isEqualTo("A 145.310- 77.0");
        assertThat(edited.published()).isEqualTo("A 145.310- 71.9");
    }

    private static List<ListEntry> entries(String... lines) {
        return Arrays.stream(lines)
                .map(line -> ListEntry.of(
                        UUID.randomUUID(), Reckoner.reckon(line, R2).channel().orElseThrow(), line))
                .toList();
    }
}
