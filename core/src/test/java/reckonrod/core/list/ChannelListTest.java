package reckonrod.core.list;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.check.Checks;
import reckonrod.core.notation.Reckoner;

class ChannelListTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final UUID A = new UUID(0, 1);
    private static final UUID B = new UUID(0, 2);
    private static final UUID C = new UUID(0, 3);

    private final ChannelList empty = new ChannelList("Test", R2.id(), new SlotRange(0, 4), List.of(), new TreeMap<>());

    private static ChannelList put(ChannelList list, int slot, UUID id, String line) {
        Channel channel = Reckoner.reckon(line, R2).channel().orElseThrow();
        return ok(list.put(slot, id, channel, line));
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
        assertThat(refusal(list.put(2, new UUID(0, 4), list.entries().get(2).channel(), "x")))
                .contains("No slot from 2 to 4 is free");
        assertThat(refusal(list.put(5, new UUID(0, 4), list.entries().get(2).channel(), "x")))
                .contains("slots 0–4");
    }

    @Test
    void movingOntoAChannelSwapsAndAPinnedOneStays() {
        ChannelList list = put(put(empty, 0, A, "A 145.310-"), 1, B, "B 145.430-");
        ChannelList swapped = ok(list.move(A, 1));
        assertThat(swapped.slotOf(A)).contains(1);
        assertThat(swapped.slotOf(B)).contains(0);
        ChannelList pinned = ok(list.pin(B, true));
        assertThat(refusal(pinned.move(A, 1))).contains("B is pinned to slot 1");
        assertThat(refusal(pinned.move(B, 4))).contains("B is pinned to slot 1");
        assertThat(ok(pinned.move(A, 4)).slotOf(B)).contains(1);
    }

    @Test
    void aChannelThatIsGoneIsSaidAndNothingChanges() {
        ChannelList list = ok(put(empty, 0, A, "A 145.310-").delete(A));
        assertThat(list.entries()).isEmpty();
        assertThat(refusal(list.move(A, 1))).contains("no longer in the list");
    }

    @Test
    void theSecondCopyOfAChannelIsADoubt() {
        ChannelList list = put(
                put(put(empty, 0, A, "A 145.310- 71.9"), 1, B, "B 145.310 > 144.710 71.9"), 2, C, "C 145.310- 77.0");
        assertThat(Checks.list(list, R2)).containsOnlyKeys(1);
        assertThat(Checks.list(list, R2).get(1)).singleElement().asString().contains("slot 0 as A");
    }
}
