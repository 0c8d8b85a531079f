package reckonrod.core.list;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Stream;

/** The work on the blocks of one list. A channel that would have to leave its slot and is pinned to it stops all of it. */
final class BlockWork {
    private final ChannelList list;

    BlockWork(ChannelList list) {
        this.list = list;
    }

    ListChange add(String name, SlotRange slots) {
        return nameFault(name, Optional.empty())
                .or(() -> spanFault(slots, Optional.empty()))
                .<ListChange>map(ListChange.Refused::new)
                .orElseGet(() -> {
                    List<Block> next = new ArrayList<>(list.blocks());
                    next.add(new Block(name.strip(), slots));
                    int inside = channelsIn(slots).size();
                    return changed(next, "Add block " + name.strip() + " at " + slots + holding(inside), slots.first());
                });
    }

    ListChange rename(String name, String next) {
        return with(
                name,
                block -> nameFault(next, Optional.of(block))
                        .<ListChange>map(ListChange.Refused::new)
                        .orElseGet(() -> renamed(block, next.strip())));
    }

    private ListChange renamed(Block block, String next) {
        List<Block> blocks = overflowing(replaced(block, List.of(block.called(next))), block.name(), next);
        List<Bank> banks = list.scanning().banks().stream()
                .map(bank -> bank.ruled(bank.rule().map(rule -> rule.renamed(block.name(), next))))
                .toList();
        return new ListChange.Changed(
                list.arranged(blocks, list.entries()).scannedBy(list.scanning().with(banks)),
                "Call block " + block.name() + " " + next,
                block.slots().first());
    }

    ListChange resize(String name, SlotRange slots) {
        return with(
                name,
                block -> spanFault(slots, Optional.of(block))
                        .<ListChange>map(ListChange.Refused::new)
                        .orElseGet(() -> {
                            long out = channelsIn(block.slots()).keySet().stream()
                                    .filter(slot -> !slots.contains(slot))
                                    .count();
                            String leaving = out == 0
                                    ? ""
                                    : "; " + out + (out == 1 ? " channel stands" : " channels stand")
                                            + " outside of it now";
                            return changed(
                                    replaced(block, List.of(block.at(slots))),
                                    "Block " + name + " has slots " + slots + leaving,
                                    slots.first());
                        }));
    }

    ListChange split(String name, int at, String second) {
        return with(name, block -> {
            SlotRange slots = block.slots();
            if (at <= slots.first() || at > slots.last()) {
                return new ListChange.Refused("Block " + name + " has slots " + slots + "; it can be split from slot "
                        + (slots.first() + 1) + " on, not at " + at + ".");
            }
            return nameFault(second, Optional.empty())
                    .<ListChange>map(ListChange.Refused::new)
                    .orElseGet(() -> changed(
                            replaced(
                                    block,
                                    List.of(
                                            block.at(new SlotRange(slots.first(), at - 1)),
                                            block.called(second.strip())
                                                    .at(new SlotRange(at, slots.last()))
                                                    .filled(Optional.empty()))),
                            "Split block " + name + ": " + second.strip() + " begins at slot " + at,
                            at));
        });
    }

    ListChange merge(String name) {
        return with(name, block -> {
            int place = list.blocks().indexOf(block);
            if (place == list.blocks().size() - 1) {
                return new ListChange.Refused("No block follows " + name + ", so there is none to join it with.");
            }
            Block following = list.blocks().get(place + 1);
            SlotRange both =
                    new SlotRange(block.slots().first(), following.slots().last());
            List<Block> next = new ArrayList<>(list.blocks());
            next.remove(following);
            next.set(place, block.at(both));
            return changed(next, "Join block " + following.name() + " to " + name, both.first());
        });
    }

    /** The block goes; its channels stay in their slots. */
    ListChange remove(String name) {
        return with(
                name,
                block -> changed(
                        replaced(block, List.of()),
                        "Remove block " + name + ", its channels stay",
                        block.slots().first()));
    }

    /** Its channels are kept in an order from now on, or stay as they are placed. */
    ListChange keepOrder(String name, Optional<Ordering> order) {
        return with(
                name,
                block -> changed(
                        replaced(block, List.of(block.ordered(order))),
                        order.map(by -> "Keep block " + name + " in order by " + by.words())
                                .orElse("Leave block " + name + " as it is placed"),
                        block.slots().first()));
    }

    /** Channels from a directory that go there are named so from now on, or as the list has it. */
    ListChange name(String name, Optional<NameRecipe> naming) {
        return with(
                name,
                block -> block.naming().equals(naming)
                        ? new ListChange.Refused("Block " + name + " is named so already. Nothing was changed.")
                        : changed(
                                replaced(block, List.of(block.named(naming))),
                                naming.map(by -> "Name what comes into block " + name + " by " + by.words())
                                        .orElse("Name what comes into block " + name + " as the list has it"),
                                block.slots().first()));
    }

    /** What belongs there goes there by itself from now on, and what is in the list already comes; or no longer. */
    ListChange fill(String name, Optional<Filling> filling) {
        return with(
                name,
                block -> overflowFault(block, filling)
                        .<ListChange>map(ListChange.Refused::new)
                        .orElseGet(() -> filled(block, filling)));
    }

    private ListChange filled(Block block, Optional<Filling> filling) {
        Filing filing = new Filing(list.arranged(replaced(block, List.of(block.filled(filling))), list.entries()));
        int came = 0;
        int left = 0;
        for (Map.Entry<Integer, ListEntry> each : list.entries().entrySet()) {
            Optional<Block> own = filing.own(each.getValue());
            boolean comes = own.filter(it -> it.name().equals(block.name())).isPresent()
                    && !each.getValue().pinned()
                    && filing.blockAt(each.getKey()).filter(own.get()::equals).isEmpty();
            if (comes) {
                boolean done = filing.bring(each.getKey(), own.get());
                came += done ? 1 : 0;
                left += done ? 0 : 1;
            }
        }
        String said = filling.map(it ->
                        "Fill block " + block.name() + " with " + it.belongs().said())
                .orElse("Fill block " + block.name() + " by hand");
        return new ListChange.Changed(
                filing.list(),
                said
                        + (came == 0 ? "" : "; " + came + (came == 1 ? " channel comes" : " channels come"))
                        + (left == 0
                                ? ""
                                : "; " + left + (left == 1 ? " finds" : " find") + " no room and stay"
                                        + (left == 1 ? "s" : "")),
                block.slots().first());
    }

    private Optional<String> overflowFault(Block block, Optional<Filling> filling) {
        return filling.flatMap(it -> it.full().passesTo())
                .filter(to -> to.equals(block.name())
                        || list.blocks().stream().noneMatch(each -> each.name().equals(to)))
                .map(to -> to.equals(block.name())
                        ? "A block cannot pass on to itself what it has no room for. Choose another one."
                        : "There is no block \"" + to + "\" in this list to take what " + block.name()
                                + " has no room for.");
    }

    /** The blocks; those that pass on to one that is called otherwise now pass on to it under its new name. */
    private static List<Block> overflowing(List<Block> blocks, String before, String after) {
        return blocks.stream()
                .map(each -> each.filled(each.filling()
                        .map(it -> it.full().equals(new Filling.WhenFull.Overflow(before))
                                ? new Filling(it.belongs(), it.spare(), new Filling.WhenFull.Overflow(after))
                                : it)))
                .toList();
    }

    /**
     * The block goes to another place with all in it, and what stands between gives way by as many slots.
     *
     * @param first the slot that it begins at afterwards
     */
    ListChange move(String name, int first) {
        return with(name, block -> {
            SlotRange from = block.slots();
            int last = first + from.count() - 1;
            if (!list.slots().contains(first) || !list.slots().contains(last)) {
                return new ListChange.Refused("The list has slots " + list.slots() + "; a block of " + from.count()
                        + " slots cannot begin at " + first + ".");
            }
            if (first == from.first()) {
                return new ListChange.Refused("Block " + name + " begins at slot " + first + " already.");
            }
            SlotRange between = first < from.first()
                    ? new SlotRange(first, from.first() - 1)
                    : new SlotRange(from.last() + 1, last);
            int ownStep = first - from.first();
            int theirStep = first < from.first() ? from.count() : -from.count();
            return cutFault(block, between)
                    .or(() -> pinFault(new SlotRange(Math.min(first, from.first()), Math.max(last, from.last()))))
                    .<ListChange>map(ListChange.Refused::new)
                    .orElseGet(() -> moved(block, between, ownStep, theirStep));
        });
    }

    private ListChange moved(Block block, SlotRange between, int ownStep, int theirStep) {
        Function<Integer, Integer> to = slot ->
                block.slots().contains(slot) ? slot + ownStep : between.contains(slot) ? slot + theirStep : slot;
        NavigableMap<Integer, ListEntry> entries = new TreeMap<>();
        list.entries().forEach((slot, entry) -> entries.put(to.apply(slot), entry));
        List<Block> blocks = list.blocks().stream()
                .map(each -> each.at(new SlotRange(
                        to.apply(each.slots().first()), to.apply(each.slots().last()))))
                .toList();
        int first = block.slots().first() + ownStep;
        int giving = channelsIn(between).size();
        return new ListChange.Changed(
                list.arranged(sorted(blocks), entries),
                "Move block " + block.name() + " to slot " + first
                        + (giving == 0
                                ? ""
                                : "; " + giving + (giving == 1 ? " channel gives" : " channels give") + " way"),
                first);
    }

    /** Another block that would be torn apart. */
    private Optional<String> cutFault(Block block, SlotRange between) {
        return list.blocks().stream()
                .filter(each -> !each.equals(block) && each.slots().overlaps(between))
                .filter(each -> !between.contains(each.slots().first())
                        || !between.contains(each.slots().last()))
                .findFirst()
                .map(each -> "Block " + block.name() + " would come to stand in the middle of block " + each.name()
                        + ", which has slots " + each.slots() + ". Move it before or behind that one.");
    }

    private Optional<String> pinFault(SlotRange moving) {
        List<String> pinned = channelsIn(moving).entrySet().stream()
                .filter(each -> each.getValue().pinned())
                .map(each -> each.getValue().channel().label() + " (slot " + each.getKey() + ")")
                .toList();
        return pinned.isEmpty()
                ? Optional.empty()
                : Optional.of(ManyAtOnce.few(pinned) + (pinned.size() == 1 ? " is" : " are")
                        + " pinned and would have to move. Unpin first, or choose another place.");
    }

    private Map<Integer, ListEntry> channelsIn(SlotRange slots) {
        return list.entries().subMap(slots.first(), true, slots.last(), true);
    }

    private Optional<String> nameFault(String name, Optional<Block> own) {
        if (name.isBlank()) {
            return Optional.of("A block needs a name.");
        }
        return list.blocks().stream()
                .filter(each -> !Optional.of(each).equals(own))
                .filter(each -> each.name().equalsIgnoreCase(name.strip()))
                .findFirst()
                .map(each -> "There is a block " + each.name() + " already, at " + each.slots()
                        + ". Blocks are told apart by their names; choose another.");
    }

    private Optional<String> spanFault(SlotRange slots, Optional<Block> own) {
        if (!list.slots().contains(slots.first()) || !list.slots().contains(slots.last())) {
            return Optional.of("The list has slots " + list.slots() + "; a block at " + slots + " does not fit in.");
        }
        return list.blocks().stream()
                .filter(each -> !Optional.of(each).equals(own))
                .filter(each -> each.slots().overlaps(slots))
                .findFirst()
                .map(each -> "Slots " + slots + " and block " + each.name() + " at " + each.slots()
                        + " have slots in common. Choose others, or make that block smaller first.");
    }

    private ListChange with(String name, Function<Block, ListChange> work) {
        return list.blocks().stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .map(work)
                .orElseGet(() -> new ListChange.Refused("There is no block \"" + name + "\" in this list any more."));
    }

    private List<Block> replaced(Block block, List<Block> instead) {
        return list.blocks().stream()
                .flatMap(each -> each.equals(block) ? instead.stream() : Stream.of(each))
                .toList();
    }

    private static List<Block> sorted(List<Block> blocks) {
        return blocks.stream()
                .sorted(Comparator.comparingInt(each -> each.slots().first()))
                .toList();
    }

    private ListChange changed(List<Block> blocks, String summary, int lookAt) {
        return new ListChange.Changed(list.arranged(sorted(blocks), list.entries()), summary, lookAt);
    }

    private static String holding(int channels) {
        return channels == 0 ? "" : ", around " + channels + (channels == 1 ? " channel" : " channels");
    }
}
