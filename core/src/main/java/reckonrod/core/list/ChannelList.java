package reckonrod.core.list;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import reckonrod.core.channel.Channel;
import reckonrod.core.finding.Field;

/**
 * A channel list.
 *
 * @param name what it is called
 * @param bandPlanId the plan it is worked out by
 * @param licence the class of licence of that plan that judges where it may talk; empty for the usual one
 * @param slots the slots it has
 * @param intent what it is for, and how its channels are to be
 * @param blocks the spans it is arranged in, rising, none overlapping another
 * @param entries the channels by slot
 * @param scanning its banks, and what a scan passes by; what is in no slot is in no bank
 */
public record ChannelList(
        String name,
        String bandPlanId,
        String licence,
        SlotRange slots,
        Intent intent,
        List<Block> blocks,
        NavigableMap<Integer, ListEntry> entries,
        Scanning scanning) {
    public ChannelList {
        blocks = List.copyOf(blocks);
        entries = Collections.unmodifiableNavigableMap(new TreeMap<>(entries));
        for (int slot : entries.keySet()) {
            if (!slots.contains(slot)) {
                throw new IllegalArgumentException("Slot must be one of " + slots + ", was " + slot);
            }
        }
        if (!scanning.equals(Scanning.USUAL)) {
            Set<UUID> known = new HashSet<>();
            entries.values().forEach(each -> known.add(each.id()));
            scanning = scanning.only(known::contains);
        }
        for (int i = 1; i < blocks.size(); i++) {
            if (blocks.get(i - 1).slots().last() >= blocks.get(i).slots().first()) {
                throw new IllegalArgumentException("Blocks must rise and not overlap: "
                        + blocks.get(i).name() + " follows " + blocks.get(i - 1).name());
            }
        }
    }

    /** A list without banks, scanned as usual, of which only is known how its channels are named. */
    public ChannelList(
            String name,
            String bandPlanId,
            String licence,
            SlotRange slots,
            NameRecipe naming,
            List<Block> blocks,
            NavigableMap<Integer, ListEntry> entries) {
        this(name, bandPlanId, licence, slots, Intent.named(naming), blocks, entries, Scanning.USUAL);
    }

    /** The slot an entry is in. */
    public Optional<Integer> slotOf(UUID id) {
        return entries.entrySet().stream()
                .filter(entry -> entry.getValue().id().equals(id))
                .map(Map.Entry::getKey)
                .findFirst();
    }

    /** The block that claims a slot. */
    public Optional<Block> blockAt(int slot) {
        return blocks.stream().filter(block -> block.slots().contains(slot)).findFirst();
    }

    /** Whether a block says what belongs into it. */
    public boolean fillsItself() {
        return blocks.stream().anyMatch(block -> block.filling().isPresent());
    }

    /** A list without channels or blocks. */
    public static ChannelList empty(String name, String bandPlanId, SlotRange slots) {
        return new ChannelList(
                name, bandPlanId, "", slots, NameRecipe.PLACE, List.of(), Collections.emptyNavigableMap());
    }

    /** How many slots are free from that one on. */
    public int freeFrom(int slot) {
        int from = Math.max(slot, slots.first());
        return from > slots.last()
                ? 0
                : slots.last() - from + 1 - entries.tailMap(from, true).size();
    }

    /** Puts a channel into the slot, or into the next free one after it when that is taken. */
    ListChange put(int slot, ListEntry entry) {
        return putAll(slot, List.of(entry));
    }

    /** Puts channels into the slot and the free ones after it, in order; all of them or none. */
    ListChange putAll(int slot, List<ListEntry> added) {
        if (!slots.contains(slot)) {
            return outside(slot);
        }
        int free = freeFrom(slot);
        if (added.isEmpty() || added.size() > free) {
            return new ListChange.Refused(
                    free == 0
                            ? "No slot from " + slot + " to " + slots.last()
                                    + " is free. Choose an earlier slot or delete a channel."
                            : added.size() + " channels are to go in, and " + free + " slots from " + slot + " to "
                                    + slots.last() + " are free. Put in fewer, or start at an earlier slot.");
        }
        NavigableMap<Integer, ListEntry> next = new TreeMap<>(entries);
        int at = slot;
        int first = slots.last();
        for (ListEntry entry : added) {
            while (next.containsKey(at)) {
                at++;
            }
            first = Math.min(first, at);
            next.put(at, entry);
        }
        String summary = added.size() == 1
                ? "Put " + added.get(0).channel().label()
                : "Put " + added.size() + " channels from slot " + first;
        return new ListChange.Changed(with(next), summary, added.size() == 1 ? at : first);
    }

    /** Puts channels together into a new block: the first run of free slots from that one on that no block claims. */
    ListChange putBlock(String blockName, int slot, List<ListEntry> added) {
        if (!slots.contains(slot) || added.isEmpty()) {
            return outside(slot);
        }
        for (int first = slot; first + added.size() - 1 <= slots.last(); first++) {
            SlotRange run = new SlotRange(first, first + added.size() - 1);
            if (isFree(run)) {
                return new ListChange.Changed(
                        withBlock(new Block(blockName, run), added), "Put block " + blockName + " at " + run, first);
            }
        }
        return new ListChange.Refused("No " + added.size() + " slots in a row from " + slot + " to " + slots.last()
                + " are free and outside every block. Start at an earlier slot, or make room.");
    }

    /** Takes a block out, with the channels in it; pinned ones stay. */
    ListChange takeBlockOut(String blockName) {
        Optional<Block> found =
                blocks.stream().filter(block -> block.name().equals(blockName)).findFirst();
        if (found.isEmpty()) {
            return new ListChange.Refused("There is no block \"" + blockName + "\" in this list any more.");
        }
        SlotRange run = found.get().slots();
        NavigableMap<Integer, ListEntry> next = new TreeMap<>(entries);
        next.subMap(run.first(), true, run.last(), true).values().removeIf(entry -> !entry.pinned());
        List<Block> nextBlocks =
                blocks.stream().filter(block -> !block.equals(found.get())).toList();
        return new ListChange.Changed(
                new ChannelList(name, bandPlanId, licence, slots, intent, nextBlocks, next, scanning),
                "Take block " + blockName + " out",
                run.first());
    }

    /** The list under another name, with so many slots more behind its last. */
    public ChannelList copyNamed(String nextName, int moreSlots) {
        SlotRange next = new SlotRange(slots.first(), slots.last() + moreSlots);
        return new ChannelList(nextName, bandPlanId, licence, next, intent, blocks, entries, scanning);
    }

    /** How channels from a directory are named. */
    public NameRecipe naming() {
        return intent.naming();
    }

    /** The list with another intent. */
    public ChannelList meant(Intent next) {
        return new ChannelList(name, bandPlanId, licence, slots, next, blocks, entries, scanning);
    }

    private boolean isFree(SlotRange run) {
        return entries.subMap(run.first(), true, run.last(), true).isEmpty()
                && blocks.stream().noneMatch(block -> block.slots().overlaps(run));
    }

    private ChannelList withBlock(Block block, List<ListEntry> added) {
        NavigableMap<Integer, ListEntry> next = new TreeMap<>(entries);
        for (int i = 0; i < added.size(); i++) {
            next.put(block.slots().first() + i, added.get(i));
        }
        List<Block> nextBlocks = new ArrayList<>(blocks);
        nextBlocks.add(block);
        nextBlocks.sort(Comparator.comparingInt(each -> each.slots().first()));
        return new ChannelList(name, bandPlanId, licence, slots, intent, nextBlocks, next, scanning);
    }

    /** Lays a finding of an entry aside. */
    ListChange dismiss(UUID id, Dismissal dismissal) {
        return withEntry(id, slot -> {
            ListEntry entry = entries.get(slot);
            return changed(
                    slot,
                    entry.withDismissal(dismissal),
                    "Lay " + dismissal.code() + " of " + entry.channel().label() + " aside",
                    slot);
        });
    }

    /** Looks at a finding again that was laid aside. */
    ListChange lookAgain(UUID id, String code, Field field) {
        return withEntry(id, slot -> {
            ListEntry entry = entries.get(slot);
            return changed(
                    slot,
                    entry.withoutDismissal(each -> each.code().equals(code) && each.field() == field),
                    "Look at " + code + " of " + entry.channel().label() + " again",
                    slot);
        });
    }

    /** The list by another plan and licence, with these entries instead. */
    public ChannelList byPlan(String planId, String nextLicence, NavigableMap<Integer, ListEntry> next) {
        return new ChannelList(name, planId, nextLicence, slots, intent, blocks, next, scanning);
    }

    /** Replaces the channel of an entry; its slot stays. */
    ListChange edit(UUID id, Channel channel, String line) {
        return withEntry(
                id,
                slot -> changed(slot, entries.get(slot).withChannel(channel, line), "Edit " + channel.label(), slot));
    }

    /** Replaces the channels of several entries; their slots stay. */
    ListChange rewritten(List<ListEdit.Rewrite> channels, String said) {
        Map<UUID, ListEdit.Rewrite> byId = new HashMap<>();
        channels.forEach(each -> byId.put(each.id(), each));
        NavigableMap<Integer, ListEntry> next = new TreeMap<>(entries);
        next.replaceAll((slot, entry) -> Optional.ofNullable(byId.remove(entry.id()))
                .map(each -> entry.withChannel(each.channel(), each.line()))
                .orElse(entry));
        return byId.isEmpty()
                ? new ListChange.Changed(
                        with(next), said, slotOf(channels.get(0).id()).orElseThrow())
                : new ListChange.Refused("Some of them are no longer in the list. Nothing was changed.");
    }

    /** Chooses a short name for displays of so many characters. */
    ListChange shortName(UUID id, int length, Optional<String> shorter) {
        return withEntry(id, slot -> {
            ListEntry entry = entries.get(slot);
            String label = entry.channel().label();
            try {
                return changed(
                        slot,
                        entry.withShortName(length, shorter),
                        shorter.map(each -> "Show " + label + " as " + each + " where " + length + " characters fit")
                                .orElse("Shorten " + label + " by rule where " + length + " characters fit"),
                        slot);
            } catch (IllegalArgumentException wrong) {
                return new ListChange.Refused(wrong.getMessage() + ". Nothing was changed.");
            }
        });
    }

    /** Takes an entry out; its slot becomes free. */
    ListChange delete(UUID id) {
        return withEntry(id, slot -> {
            NavigableMap<Integer, ListEntry> next = new TreeMap<>(entries);
            ListEntry gone = next.remove(slot);
            return new ListChange.Changed(with(next), "Delete " + gone.channel().label() + " from slot " + slot, slot);
        });
    }

    /** Moves an entry to a slot; what happens when that is taken is said by the way. */
    ListChange move(UUID id, int to, MoveWay way) {
        return withEntry(id, from -> slots.contains(to) ? new SlotMove(this, from, to).make(way) : outside(to));
    }

    /** Pins an entry to its slot, or lets it go. */
    ListChange pin(UUID id, boolean pinned) {
        return withEntry(id, slot -> {
            ListEntry entry = entries.get(slot);
            return changed(
                    slot,
                    entry.withPinned(pinned),
                    (pinned ? "Pin " : "Unpin ") + entry.channel().label() + " at slot " + slot,
                    slot);
        });
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

    /** The list with these blocks and entries instead. */
    ChannelList arranged(List<Block> nextBlocks, NavigableMap<Integer, ListEntry> next) {
        return new ChannelList(name, bandPlanId, licence, slots, intent, nextBlocks, next, scanning);
    }

    /** The list walked through otherwise. */
    ChannelList scannedBy(Scanning next) {
        return new ChannelList(name, bandPlanId, licence, slots, intent, blocks, entries, next);
    }

    /** The list with these entries instead. */
    ChannelList with(NavigableMap<Integer, ListEntry> next) {
        return byPlan(bandPlanId, licence, next);
    }
}
