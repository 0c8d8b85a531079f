package reckonrod.core.list;

import java.util.ArrayList;
import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;

/** One entry on its way to another slot. What it does to others, to blocks and to pins is said in its summary, or refused. */
final class SlotMove {
    private final ChannelList list;
    private final int from;
    private final int to;
    private final ListEntry moving;

    SlotMove(ChannelList list, int from, int to) {
        this.list = list;
        this.from = from;
        this.to = to;
        this.moving = list.entries().get(from);
    }

    ListChange make(MoveWay way) {
        ListEntry other = list.entries().get(to);
        if (moving.pinned()) {
            return pinned(moving, from);
        }
        if (other != null && other.pinned()) {
            return pinned(other, to);
        }
        return other == null || from == to || way == MoveWay.SWAP ? swap(Optional.ofNullable(other)) : push();
    }

    private static ListChange pinned(ListEntry entry, int slot) {
        return new ListChange.Refused(
                entry.channel().label() + " is pinned to slot " + slot + ". Unpin it with p to move it.");
    }

    private ListChange swap(Optional<ListEntry> other) {
        NavigableMap<Integer, ListEntry> next = new TreeMap<>(list.entries());
        next.remove(from);
        other.ifPresent(entry -> next.put(from, entry));
        next.put(to, moving);
        String swapped = from == to
                ? ""
                : other.map(entry -> "; " + entry.channel().label() + " takes slot " + from)
                        .orElse("");
        return changed(next, swapped);
    }

    /** Those in the way go to the next slot each, over pinned ones, until one finds a free slot. */
    private ListChange push() {
        NavigableMap<Integer, ListEntry> next = new TreeMap<>(list.entries());
        next.remove(from);
        List<String> over = new ArrayList<>();
        ListEntry carried = moving;
        int at = to;
        int pushed = 0;
        boolean isOwn = true;
        while (carried != null) {
            ListEntry there = next.get(at);
            if (there != null && there.pinned()) {
                over.add(there.channel().label());
            } else {
                if (!isOwn && !list.blockAt(at).equals(list.blockAt(to))) {
                    return leavesBlock(carried);
                }
                next.put(at, carried);
                isOwn = false;
                carried = there;
                pushed += there == null ? 0 : 1;
            }
            at++;
            if (carried != null && !list.slots().contains(at)) {
                return new ListChange.Refused("No slot from " + to + " to "
                        + list.slots().last() + " is free to push into. Swap the two, or delete a channel there.");
            }
        }
        String pins = over.isEmpty()
                ? ""
                : "; " + String.join(", ", over) + (over.size() == 1 ? " stays" : " stay") + " pinned";
        return changed(next, "; " + pushed + (pushed == 1 ? " channel gives" : " channels give") + " way" + pins);
    }

    private ListChange leavesBlock(ListEntry entry) {
        String block =
                list.blockAt(to).map(Block::name).map(name -> "block " + name).orElse("the slots outside of blocks");
        return new ListChange.Refused("Pushing would move " + entry.channel().label() + " out of " + block
                + ": no slot behind " + to + " is free there. Swap the two, or make room in the block.");
    }

    private ListChange changed(NavigableMap<Integer, ListEntry> next, String consequence) {
        return new ListChange.Changed(
                list.with(next),
                "Move " + moving.channel().label() + " to slot " + to + acrossBlocks() + consequence,
                to);
    }

    private String acrossBlocks() {
        Optional<Block> left = list.blockAt(from);
        Optional<Block> entered = list.blockAt(to);
        if (left.equals(entered)) {
            return "";
        }
        return left.map(block -> ", out of block " + block.name()).orElse("")
                + entered.map(block -> (left.isPresent() ? " into block " : ", into block ") + block.name())
                        .orElse("");
    }
}
