package reckonrod.core.list;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
            ListEdit edit = switch (random.nextInt(7)) {
                case 0, 1 ->
                    expected.contains(id)
                            ? new ListEdit.Rewrite(id, CHANNEL.withName("E" + random.nextInt(40)), "e")
                            : new ListEdit.Put(slot, List.of(ListEntry.of(id, CHANNEL, "p")));
                case 2 -> new ListEdit.Move(id, slot, random.nextBoolean() ? MoveWay.SWAP : MoveWay.PUSH);
                case 3 -> new ListEdit.Pin(id, random.nextBoolean());
                case 5 -> many(random, expected);
                case 6 -> block(random, list);
                default -> random.nextInt(3) == 0 ? new ListEdit.Delete(id) : new ListEdit.Move(id, slot, MoveWay.PUSH);
            };
            ListChange change = ListEdit.applyAll(list, List.of(any -> edit));
            ChannelList before = list;
            list = change.fold(ListChange.Changed::list, refused -> before);
            if (change instanceof ListChange.Changed changed) {
                follow(changed, id, before, expected, pinned);
            } else {
                assertThat(((ListChange.Refused) change).reason()).isNotBlank();
            }
            rulesAreTrue(list, "seed " + seed + ", step " + i);
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

    private static void rulesAreTrue(ChannelList list, String step) {
        for (Block block : list.blocks()) {
            List<ListEntry> free =
                    list
                            .entries()
                            .subMap(block.slots().first(), true, block.slots().last(), true)
                            .values()
                            .stream()
                            .filter(each -> !each.pinned())
                            .toList();
            // One that belongs into another block is here only where that has no room for it.
            block.filling()
                    .ifPresent(filling -> free.stream()
                            .filter(each -> !filling.belongs().holds(each))
                            .forEach(each -> new Filing(list)
                                    .own(each)
                                    .ifPresent(own -> assertThat(new Filing(list)
                                                    .bring(
                                                            list.slotOf(each.id())
                                                                    .orElseThrow(),
                                                            own))
                                            .as(step)
                                            .isFalse())));
            block.order()
                    .ifPresent(order -> assertThat(order.sorted(free)).as(step).isEqualTo(free));
        }
    }

    private static ListEdit many(Random random, Set<UUID> expected) {
        List<UUID> some = expected.stream().filter(each -> random.nextBoolean()).toList();
        return switch (random.nextInt(3)) {
            case 0 -> new ManyEdit.Order(some, List.of(Ordering.By.values()).get(random.nextInt(5)));
            case 1 -> new ManyEdit.CloseGaps(some);
            default -> new ManyEdit.MoveMany(some, random.nextInt(20));
        };
    }

    private static ListEdit block(Random random, ChannelList list) {
        int first = random.nextInt(20);
        SlotRange slots = new SlotRange(first, Math.min(19, first + random.nextInt(4)));
        String name = list.blocks().isEmpty()
                ? "none"
                : list.blocks().get(random.nextInt(list.blocks().size())).name();
        return switch (random.nextInt(10)) {
            case 8, 9 -> new BlockEdit.Fill(name, filling(random, list));
            case 7 ->
                new BlockEdit.KeepOrder(
                        name, random.nextInt(4) == 0 ? Optional.empty() : Optional.of(Ordering.By.NAME));
            case 0, 1 -> new BlockEdit.AddBlock("b" + random.nextInt(50), slots);
            case 2 -> new BlockEdit.ResizeBlock(name, slots);
            case 3 -> new BlockEdit.SplitBlock(name, first, "b" + random.nextInt(50));
            case 4 -> random.nextInt(3) == 0 ? new BlockEdit.JoinBlocks(name) : new BlockEdit.RemoveBlock(name);
            default -> new BlockEdit.MoveBlock(name, first);
        };
    }

    private static Optional<Filling> filling(Random random, ChannelList list) {
        List<String> words = List.of("E" + random.nextInt(4), String.valueOf(random.nextInt(10)));
        List<Filling.WhenFull> full =
                new ArrayList<>(List.of(new Filling.WhenFull.Grow(), new Filling.WhenFull.Refuse()));
        list.blocks().forEach(each -> full.add(new Filling.WhenFull.Overflow(each.name())));
        return random.nextInt(5) == 0
                ? Optional.empty()
                : Optional.of(new Filling(
                        new Belongs(List.of(), Set.of(), Optional.empty(), Set.of(), Set.of(), words, Optional.empty()),
                        random.nextInt(2),
                        full.get(random.nextInt(full.size()))));
    }

    private static void follow(
            ListChange.Changed changed, UUID id, ChannelList before, Set<UUID> expected, Map<UUID, Integer> pinned) {
        if (changed.summary().startsWith("Delete")) {
            expected.remove(id);
            pinned.remove(id);
            return;
        }
        if (changed.summary().startsWith("Put")) {
            expected.add(id);
        }
        if (changed.summary().startsWith("Unpin")) {
            pinned.remove(id);
        } else if (changed.summary().startsWith("Pin")) {
            pinned.put(id, before.slotOf(id).orElseThrow());
        }
    }
}
