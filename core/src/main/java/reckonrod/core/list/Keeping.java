package reckonrod.core.list;

import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Keeps the rules of blocks true after a change. Pinned channels stay where they are, whatever the rule. */
final class Keeping {
    private Keeping() {}

    /**
     * The change with what the rules make of it.
     *
     * @param before the list before the change
     */
    static ListChange after(ChannelList before, ListChange.Changed change) {
        ChannelList kept = change.list();
        StringBuilder said = new StringBuilder(change.summary());
        Optional<Block> ruling = Optional.empty();
        for (Block block : kept.blocks()) {
            Optional<ChannelList> next = block.order().flatMap(inOrder(kept, block));
            if (next.isPresent()) {
                int moved = moved(kept, next.get());
                said.append("; ")
                        .append(moved)
                        .append(moved == 1 ? " takes its place in " : " take their place in ")
                        .append(block.name());
                kept = next.get();
                ruling = Optional.of(block);
            }
        }
        if (ruling.isPresent() && kept.equals(before)) {
            return new ListChange.Refused(
                    "Block " + ruling.get().name() + " is kept in order by "
                            + ruling.get().order().get().words()
                            + ", so everything would stand as it stood. Pin the channel, or let the block be as it is placed (b).");
        }
        return new ListChange.Changed(kept, said.toString(), followed(change, kept));
    }

    private static java.util.function.Function<Ordering, Optional<ChannelList>> inOrder(ChannelList list, Block block) {
        return order -> {
            List<UUID> channels =
                    list
                            .entries()
                            .subMap(block.slots().first(), true, block.slots().last(), true)
                            .values()
                            .stream()
                            .map(ListEntry::id)
                            .toList();
            return new ManyAtOnce(list, channels)
                    .order(order)
                    .fold(changed -> Optional.of(changed.list()), refused -> Optional.empty());
        };
    }

    private static int moved(ChannelList from, ChannelList to) {
        return (int) from.entries().entrySet().stream()
                .filter(each -> !each.getValue().equals(to.entries().get(each.getKey())))
                .count();
    }

    /** The slot to look at: that of the channel that was to be looked at, wherever it stands now. */
    private static int followed(ListChange.Changed change, ChannelList kept) {
        return Optional.ofNullable(change.list().entries().get(change.slot()))
                .flatMap(entry -> kept.slotOf(entry.id()))
                .orElse(change.slot());
    }
}
