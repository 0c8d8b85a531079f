package reckonrod.core.list;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.notation.Reckoner;

class ChannelListPropertyTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final Channel CHANNEL =
            Reckoner.reckon("X 146.550", R2).channel().orElseThrow();

    /** Whatever is done, no entry is lost but by deleting it, none is doubled, and a pinned one keeps its slot. */
    @ParameterizedTest
    @ValueSource(longs = {31, 32, 33, 34, 35})
    void nothingIsLostDoubledOrUnpinnedByAnySequenceOfChanges(long seed) {
        Random random = new Random(seed);
        ChannelList list = ChannelList.empty("P", R2.id(), new SlotRange(0, 19));
        Set<UUID> expected = new HashSet<>();
        Map<UUID, Integer> pinned = new HashMap<>();
        for (int i = 0; i < 600; i++) {
            UUID id = random.nextInt(4) == 0 || expected.isEmpty()
                    ? new UUID(seed, i)
                    : List.copyOf(expected).get(random.nextInt(expected.size()));
            int slot = random.nextInt(24) - 2;
            ListChange change = switch (random.nextInt(5)) {
                case 0, 1 ->
                    expected.contains(id)
                            ? list.edit(id, CHANNEL, "e")
                            : list.put(slot, ListEntry.of(id, CHANNEL, "p"));
                case 2 -> list.move(id, slot, random.nextBoolean() ? MoveWay.SWAP : MoveWay.PUSH);
                case 3 -> list.pin(id, random.nextBoolean());
                default ->
                    random.nextInt(3) == 0
                            ? list.delete(id)
                            : list.move(id, slot, random.nextBoolean() ? MoveWay.SWAP : MoveWay.PUSH);
            };
            ChannelList before = list;
            list = change.fold(ListChange.Changed::list, refused -> before);
            if (change instanceof ListChange.Changed changed) {
                follow(changed, id, before, expected, pinned);
            } else {
                assertThat(((ListChange.Refused) change).reason()).isNotBlank();
            }
            List<UUID> held = new ArrayList<>();
            list.entries().values().forEach(entry -> held.add(entry.id()));
            assertThat(held)
                    .as("seed %d, step %d", seed, i)
                    .doesNotHaveDuplicates()
                    .containsExactlyInAnyOrderElementsOf(expected);
            ChannelList now = list;
            String step = "seed " + seed + ", step " + i;
            pinned.forEach((each, at) -> assertThat(now.slotOf(each)).as(step).contains(at));
        }
    }

    private static void follow(
            ListChange.Changed changed, UUID id, ChannelList before, Set<UUID> expected, Map<UUID, Integer> pinned) {
        if (changed.summary().startsWith("Delete")) {
            expected.remove(id);
            pinned.remove(id);
            return;
        }
        expected.add(id);
        if (changed.summary().startsWith("Unpin")) {
            pinned.remove(id);
        } else if (changed.summary().startsWith("Pin")) {
            pinned.put(id, before.slotOf(id).orElseThrow());
        }
    }
}
