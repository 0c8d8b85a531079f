package reckonrod.core.list;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Talk;
import reckonrod.core.frequency.Frequency;

class ListEditTest {
    private static final Channel CHANNEL = Channel.of(Frequency.parse("146.520"), new Talk.Same());

    private final ChannelList list = ChannelList.empty("List", "plan", new SlotRange(0, 9));

    private static ListEntry entry(int number) {
        return ListEntry.of(new UUID(0, number), CHANNEL.withName("N" + number), "n" + number);
    }

    private static Function<ChannelList, ListEdit> put(int number) {
        return any -> new ListEdit.Put(number, List.of(entry(number)));
    }

    /** Each is worked out from what those before it leave: a channel that was put a moment ago can be moved. */
    @Test
    void severalEditsAreMadeOneAfterTheOtherAndToldTogether() {
        ListChange.Changed changed = (ListChange.Changed) ListEdit.applyAll(
                list,
                List.of(
                        put(1),
                        put(2),
                        now -> new ListEdit.Move(
                                now.entries().firstEntry().getValue().id(), 5, MoveWay.SWAP),
                        any -> new ListEdit.Pin(new UUID(0, 1), true)));
        assertThat(changed.list().entries()).containsOnlyKeys(2, 5);
        assertThat(changed.list().entries().get(5).pinned()).isTrue();
        assertThat(changed.summary()).isEqualTo("4 changes: Put N1; Put N2; Move N1 to slot 5; Pin N1 at slot 5");
        assertThat(changed.slot()).isEqualTo(5);
        assertThat(((ListChange.Changed) ListEdit.applyAll(list, List.of(put(1)))).summary())
                .isEqualTo("Put N1");
    }

    @Test
    void allStandOrFallTogether() {
        ListChange refused =
                ListEdit.applyAll(list, List.of(put(1), any -> new ListEdit.Delete(new UUID(9, 9)), put(2)));
        assertThat(refused)
                .isEqualTo(new ListChange.Refused("Change 2 of 3: That channel is no longer in the list. Nothing was"
                        + " changed. None of them was made."));
        assertThat(ListEdit.applyAll(list, List.of(any -> new ListEdit.Delete(new UUID(9, 9)))))
                .isEqualTo(new ListChange.Refused("That channel is no longer in the list. Nothing was changed."));
    }

    @Test
    void whatManyAreCalledHasAnEnd() {
        ChannelList large = ChannelList.empty("List", "plan", new SlotRange(0, 99));
        ListChange changed = ListEdit.applyAll(
                large, IntStream.range(0, 60).mapToObj(ListEditTest::put).toList());
        assertThat(((ListChange.Changed) changed).summary())
                .startsWith("60 changes: Put N0; Put N1;")
                .hasSize(ListEdit.MOST_SUMMARY_CHARACTERS)
                .endsWith("…");
    }
}
