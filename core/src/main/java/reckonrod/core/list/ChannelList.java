package reckonrod.core.list;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import reckonrod.core.channel.Channel;

/**
 * A channel list.
 *
 * @param name what it is called
 * @param bandPlanId the plan it is worked out by
 * @param slots the slots it has
 * @param blocks the spans it is arranged in, rising, none overlapping another
 * @param entries the channels by slot
 */
public record ChannelList(
        String name, String bandPlanId, SlotRange slots, List<Block> blocks, NavigableMap<Integer, ListEntry> entries) {
    public ChannelList {
        blocks = List.copyOf(blocks);
        entries = Collections.unmodifiableNavigableMap(new TreeMap<>(entries));
        for (int slot : entries.keySet()) {
            if (!slots.contains(slot)) {
                throw new IllegalArgumentException("Slot must be one of " + slots + ", was " + slot);
            }
        }
        for (int i = 1; i < blocks.size(); i++) {
            if (blocks.get(i - 1).slots().last() >= blocks.get(i).slots().first()) {
                throw new IllegalArgumentException("Blocks must rise and not overlap: "
                        + blocks.get(i).name() + " follows " + blocks.get(i - 1).name());
            }
        }
    }

    /** The slot an entry is in. */
    public Optional<Integer> slotOf(UUID id) {
        return entries.entrySet().stream()
                .filter(entry -> entry.getValue().id().equals(id))
                .map(Map.Entry::getKey)
                .findFirst();
    }

    /**
     * Puts a channel into the slot, or into the next free one after it when that is taken.
     *
     * @param id the new entry's id
     */
    public ListChange put(int slot, UUID id, Channel channel, String line) {
        if (!slots.contains(slot)) {
            return outside(slot);
        }
        for (int free = slot; free <= slots.last(); free++) {
            if (!entries.containsKey(free)) {
                return changed(free, new ListEntry(id, channel, line, false), "Put " + channel.label(), free);
            }
        }
        return new ListChange.Refused("No slot from " + slot + " to " + slots.last()
                + " is free. Choose an earlier slot or delete a channel.");
    }

    /** Replaces the channel of an entry; its slot stays. */
    public ListChange edit(UUID id, Channel channel, String line) {
        return withEntry(
                id,
                slot -> changed(slot, entries.get(slot).withChannel(channel, line), "Edit " + channel.label(), slot));
    }

    /** Takes an entry out; its slot becomes free. */
    public ListChange delete(UUID id) {
        return withEntry(id, slot -> {
            NavigableMap<Integer, ListEntry> next = new TreeMap<>(entries);
            ListEntry gone = next.remove(slot);
            return new ListChange.Changed(with(next), "Delete " + gone.channel().label() + " from slot " + slot, slot);
        });
    }

    /** Moves an entry to a slot; an entry that is there takes the slot it came from. */
    public ListChange move(UUID id, int to) {
        return withEntry(id, from -> slots.contains(to) ? moveInside(from, to) : outside(to));
    }

    /** Pins an entry to its slot, or lets it go. */
    public ListChange pin(UUID id, boolean pinned) {
        return withEntry(id, slot -> {
            ListEntry entry = entries.get(slot);
            return changed(
                    slot,
                    entry.withPinned(pinned),
                    (pinned ? "Pin " : "Unpin ") + entry.channel().label() + " at slot " + slot,
                    slot);
        });
    }

    private ListChange moveInside(int from, int to) {
        ListEntry moving = entries.get(from);
        ListEntry other = entries.get(to);
        if (moving.pinned() || other != null && other.pinned()) {
            ListEntry pinned = moving.pinned() ? moving : other;
            return new ListChange.Refused(pinned.channel().label() + " is pinned to slot "
                    + (moving.pinned() ? from : to) + ". Unpin it with p to move it.");
        }
        NavigableMap<Integer, ListEntry> next = new TreeMap<>(entries);
        next.remove(from);
        if (other != null) {
            next.put(from, other);
        }
        next.put(to, moving);
        return new ListChange.Changed(with(next), "Move " + moving.channel().label() + " to slot " + to, to);
    }

    private ListChange withEntry(UUID id, Function<Integer, ListChange> change) {
        return slotOf(id)
                .map(change)
                .orElseGet(() -> new ListChange.Refused("That channel is no longer in the list. Nothing was changed."));
    }

    private ListChange outside(int slot) {
        return new ListChange.Refused("The list has slots " + slots + "; slot " + slot + " is none of them.");
    }

    private ListChange changed(int slot, ListEntry entry, String summary, int lookAt) {
        NavigableMap<Integer, ListEntry> next = new TreeMap<>(entries);
        next.put(slot, entry);
        return new ListChange.Changed(with(next), summary, lookAt);
    }

    private ChannelList with(NavigableMap<Integer, ListEntry> next) {
        return new ChannelList(name, bandPlanId, slots, blocks, next);
    }
}
