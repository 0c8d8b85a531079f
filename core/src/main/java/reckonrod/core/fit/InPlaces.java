package reckonrod.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import reckonrod.core.list.Block;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.SlotRange;

/** Works out at which slot of the radio each channel goes. */
record InPlaces(Carrying carrying, List<Block> blocks, SlotRange slots) {
    /** Ranks go from 1; what has none comes behind all that have one. */
    private static final int NO_RANK = 10;

    /** A place that is no matter of the radio's: whether a channel fits at all is asked with it. */
    Place any() {
        return new Place.At(slots.first());
    }

    /** Whether a place depends on the other channels that go in. */
    boolean oneHasASayInAnother() {
        return carrying.places() instanceof Carrying.Places.Packed
                || carrying.blocks().values().stream().anyMatch(Carrying.Into.From.class::isInstance);
    }

    /** The place of a channel that stands there in the list, as if it were alone. */
    Place alone(int slot) {
        Place wanted = wanted(slot);
        return wanted instanceof Place.NoRoom ? any() : wanted;
    }

    /**
     * The places of all that goes in. Where two would go into one slot, or there are more than slots, those of the best rank go, and of one
     * rank those that come first in the list.
     *
     * @param going what fits, by rising slot
     */
    Map<UUID, Place> of(List<Placement> going) {
        List<Placement> byRank = new ArrayList<>(going);
        byRank.sort(
                Comparator.comparingInt(each -> each.entry().standing().rank().orElse(NO_RANK)));
        Map<UUID, Place> places = new HashMap<>();
        Map<Integer, ListEntry> taken = new HashMap<>();
        for (Placement each : byRank) {
            Place wanted = wanted(each.slot());
            if (wanted instanceof Place.At at) {
                Optional<ListEntry> other = Optional.ofNullable(taken.putIfAbsent(at.slot(), each.entry()));
                wanted = other.<Place>map(
                                it -> new Place.Taken(at.slot(), it.channel().label()))
                        .orElse(wanted);
            }
            places.put(each.entry().id(), wanted);
        }
        pack(going, byRank, places, taken.keySet());
        return places;
    }

    /** What is packed goes into the slots that nothing else is meant for. */
    private void pack(List<Placement> going, List<Placement> byRank, Map<UUID, Place> places, Set<Integer> taken) {
        List<Integer> free = new ArrayList<>();
        for (int slot = slots.first(); slot <= slots.last(); slot++) {
            if (!taken.contains(slot)) {
                free.add(slot);
            }
        }
        Set<UUID> stay = byRank.stream()
                .map(each -> each.entry().id())
                .filter(id -> places.get(id) instanceof Place.NoRoom)
                .limit(free.size())
                .collect(java.util.stream.Collectors.toSet());
        int next = 0;
        for (Placement each : going) {
            if (stay.contains(each.entry().id())) {
                places.put(each.entry().id(), new Place.At(free.get(next++)));
            }
        }
    }

    /** Where it is meant to go; no room yet where it is to be packed. */
    private Place wanted(int slot) {
        // Most radios have nothing otherwise for a block, and are asked thousands of times.
        Optional<Block> block = carrying.blocks().isEmpty()
                ? Optional.empty()
                : blocks.stream().filter(each -> each.slots().contains(slot)).findFirst();
        Carrying.Into into =
                block.map(each -> carrying.blocks().get(each.name())).orElse(null);
        if (into instanceof Carrying.Into.Out) {
            return new Place.OutWithBlock(block.orElseThrow().name());
        }
        if (into instanceof Carrying.Into.From from) {
            return new Place.At(from.slot() + slot - block.orElseThrow().slots().first());
        }
        if (carrying.places() instanceof Carrying.Places.Packed) {
            return new Place.NoRoom();
        }
        return new Place.At(carrying.places() instanceof Carrying.Places.Moved moved ? slot + moved.by() : slot);
    }
}
