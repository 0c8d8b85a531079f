package reckonrod.core.list;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.NavigableSet;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

/** What is done to several channels of one list together. Pinned ones stay where they are. */
final class ManyAtOnce {
    private static final int MOST_NAMED = 5;
    private static final int MOST_APART = 1000;

    private final ChannelList list;
    private final NavigableMap<Integer, ListEntry> chosen = new TreeMap<>();
    private final Set<UUID> missing;

    /**
     * Some channels of a list.
     *
     * @param ids which
     */
    ManyAtOnce(ChannelList list, List<UUID> ids) {
        this.list = list;
        this.missing = new HashSet<>(ids);
        list.entries().forEach((slot, entry) -> {
            if (missing.remove(entry.id())) {
                chosen.put(slot, entry);
            }
        });
    }

    /** They are sorted within the slots that they have; pinned ones keep theirs. */
    ListChange order(Ordering ordering) {
        return work(() -> {
            NavigableMap<Integer, ListEntry> moving = moving();
            List<ListEntry> sorted = ordering.sorted(List.copyOf(moving.values()));
            return placed(
                    new ArrayList<>(moving.keySet()),
                    sorted,
                    "Order " + words(moving.size()) + " by " + ordering.words());
        });
    }

    /** They come to stand one behind the other from the slot of the first on, as they follow each other now. */
    ListChange closeGaps() {
        return work(() -> {
            NavigableMap<Integer, ListEntry> moving = moving();
            List<Integer> slots =
                    freeSlots(moving, moving.isEmpty() ? list.slots().first() : moving.firstKey());
            return placed(slots, List.copyOf(moving.values()), "Close the gaps between " + words(moving.size()));
        });
    }

    /** They come to stand so many slots apart, from the slot of the first on, as they follow each other now. */
    ListChange spread(int apart) {
        return work(() -> {
            if (apart < 2 || apart > MOST_APART) {
                return new ListChange.Refused("Channels can be spread 2 to " + MOST_APART + " slots apart, not " + apart
                        + ". To bring them together, close the gaps.");
            }
            NavigableMap<Integer, ListEntry> moving = moving();
            if (moving.isEmpty()) {
                return allPinned();
            }
            int first = moving.firstKey();
            int last = first + (moving.size() - 1) * apart;
            if (last > list.slots().last()) {
                return new ListChange.Refused(words(moving.size()) + " from slot " + first + ", " + apart
                        + " slots apart, would need slots up to " + last + ", and the list ends at "
                        + list.slots().last() + ". Choose a smaller distance.");
            }
            List<Integer> slots = IntStream.range(0, moving.size())
                    .mapToObj(each -> first + each * apart)
                    .toList();
            Optional<Integer> taken = slots.stream()
                    .filter(slot -> list.entries().containsKey(slot) && !moving.containsKey(slot))
                    .findFirst();
            return taken.isPresent()
                    ? new ListChange.Refused("Slot " + taken.get() + " is where one of them would come to stand, and "
                            + list.entries().get(taken.get()).channel().label()
                            + " stands there. Move it first, or choose another distance.")
                    : placed(
                            slots,
                            List.copyOf(moving.values()),
                            "Spread " + words(moving.size()) + ", " + apart + " slots apart");
        });
    }

    /** They go together to a slot and the free ones behind it. */
    ListChange moveTo(int slot) {
        return work(() -> {
            if (!list.slots().contains(slot)) {
                return new ListChange.Refused(
                        "The list has slots " + list.slots() + "; slot " + slot + " is none of them.");
            }
            NavigableMap<Integer, ListEntry> moving = moving();
            List<Integer> slots = freeSlots(moving, slot);
            if (slots.size() < moving.size()) {
                return new ListChange.Refused(words(moving.size()) + " cannot go to slot " + slot
                        + " and behind: up to slot " + list.slots().last() + " there is room for "
                        + slots.size() + ". Choose an earlier slot.");
            }
            return placed(
                    slots,
                    List.copyOf(moving.values()),
                    "Move " + words(moving.size()) + " to slot " + slot + " and behind");
        });
    }

    /** They go; their slots become free. */
    ListChange delete() {
        return work(() -> {
            NavigableMap<Integer, ListEntry> going = moving();
            if (going.isEmpty()) {
                return allPinned();
            }
            NavigableMap<Integer, ListEntry> next = new TreeMap<>(list.entries());
            going.keySet().forEach(next::remove);
            return new ListChange.Changed(
                    list.with(next), "Delete " + words(going.size()) + pinnedStayed(), going.firstKey());
        });
    }

    /** They keep their slots from now on, or no longer. */
    ListChange pin(boolean pinned) {
        return work(() -> {
            NavigableMap<Integer, ListEntry> next = new TreeMap<>(list.entries());
            chosen.forEach((slot, entry) -> next.put(slot, entry.withPinned(pinned)));
            return new ListChange.Changed(
                    list.with(next), (pinned ? "Pin " : "Unpin ") + words(chosen.size()), chosen.firstKey());
        });
    }

    /** A scan stops at them or passes them by; or the rule of the list decides. */
    ListChange scan(Optional<Boolean> scan) {
        return stand(
                standing -> standing.scanned(scan),
                scan.map(stops -> stops ? "Scan " : "Skip ").orElse("Scan by rule "));
    }

    /**
     * They are something else to the person from now on.
     *
     * @param said what is done, as before "3 channels"
     */
    ListChange stand(UnaryOperator<Standing> change, String said) {
        return work(() -> {
            NavigableMap<Integer, ListEntry> next = new TreeMap<>(list.entries());
            chosen.forEach((slot, entry) -> next.put(slot, entry.withStanding(change.apply(entry.standing()))));
            return next.equals(list.entries())
                    ? new ListChange.Refused("They are so already. Nothing was changed.")
                    : new ListChange.Changed(list.with(next), said + words(chosen.size()), chosen.firstKey());
        });
    }

    private interface Work {
        ListChange make();
    }

    private ListChange work(Work work) {
        if (!missing.isEmpty()) {
            return new ListChange.Refused(missing.size() + (missing.size() == 1 ? " channel is" : " channels are")
                    + " no longer in the list. Nothing was changed.");
        }
        return chosen.isEmpty()
                ? new ListChange.Refused("No channel is chosen. Mark some with the space bar.")
                : work.make();
    }

    private NavigableMap<Integer, ListEntry> moving() {
        NavigableMap<Integer, ListEntry> moving = new TreeMap<>(chosen);
        moving.values().removeIf(ListEntry::pinned);
        return moving;
    }

    /** The slots from one on that hold nothing, or something that moves; as many as there are channels on the move. */
    private List<Integer> freeSlots(Map<Integer, ListEntry> moving, int from) {
        NavigableSet<Integer> staying = new TreeSet<>(list.entries().keySet());
        staying.removeAll(moving.keySet());
        List<Integer> free = new ArrayList<>();
        for (int slot = from; slot <= list.slots().last() && free.size() < moving.size(); slot++) {
            if (!staying.contains(slot)) {
                free.add(slot);
            }
        }
        return free;
    }

    private ListChange placed(List<Integer> slots, List<ListEntry> channels, String summary) {
        if (channels.isEmpty()) {
            return allPinned();
        }
        NavigableMap<Integer, ListEntry> next = new TreeMap<>(list.entries());
        Map<UUID, Integer> before = new HashMap<>();
        moving().forEach((slot, entry) -> before.put(entry.id(), slot));
        next.keySet().removeAll(Set.copyOf(before.values()));
        for (int i = 0; i < channels.size(); i++) {
            next.put(slots.get(i), channels.get(i));
        }
        if (next.equals(list.entries())) {
            return new ListChange.Refused("They stand like that already. Nothing was changed.");
        }
        return new ListChange.Changed(
                list.with(next), summary + blocksChanged(before, slots, channels) + pinnedStayed(), slots.get(0));
    }

    private static ListChange allPinned() {
        return new ListChange.Refused("All of them are pinned, and pinned channels stay. Unpin some first.");
    }

    private String pinnedStayed() {
        List<String> pinned = chosen.values().stream()
                .filter(ListEntry::pinned)
                .map(each -> each.channel().label())
                .toList();
        return pinned.isEmpty() ? "" : "; " + few(pinned) + " stayed, being pinned";
    }

    /** The first few of many by name: the history tells what was done, and is no list of its own. */
    static String few(List<String> labels) {
        int others = labels.size() - MOST_NAMED;
        return String.join(", ", labels.subList(0, Math.min(labels.size(), MOST_NAMED)))
                + (others <= 0 ? "" : " and " + others + (others == 1 ? " other" : " others"));
    }

    /** Says how many of them stand in another block now. */
    private String blocksChanged(Map<UUID, Integer> before, List<Integer> slots, List<ListEntry> channels) {
        int crossed = 0;
        for (int i = 0; i < channels.size(); i++) {
            Optional<Block> left = list.blockAt(before.get(channels.get(i).id()));
            crossed += left.equals(list.blockAt(slots.get(i))) ? 0 : 1;
        }
        return crossed == 0 ? "" : "; " + crossed + (crossed == 1 ? " stands" : " stand") + " in another block now";
    }

    private static String words(int count) {
        return count + (count == 1 ? " channel" : " channels");
    }
}
