package reckonrod.core.fit;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Collectors;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.SlotRange;

/** Works out at which slot of the radio each channel goes. */
final class InPlaces {
    /** Ranks go from 1; what has none comes behind all that have one. */
    private static final int NO_RANK = 10;

    private InPlaces() {}

    /** A place that is no matter of the radio's: whether a channel fits at all is asked with it. */
    static int anyOf(SlotRange slots) {
        return slots.first();
    }

    /** The place of a channel that stands there in the list, where no other channel has a say in it. */
    static OptionalInt of(Carrying.Places places, int slot) {
        if (places instanceof Carrying.Places.Moved moved) {
            return OptionalInt.of(slot + moved.by());
        }
        return places instanceof Carrying.Places.Same ? OptionalInt.of(slot) : OptionalInt.empty();
    }

    /**
     * Packs what goes in. Where there are more than slots, those of the best rank stay, and of one rank those that come first.
     *
     * @param going what fits, by rising slot
     * @return the place of each that goes in, which is none for those that there is no slot left for
     */
    static Map<UUID, OptionalInt> packed(List<Placement> going, SlotRange slots) {
        List<ListEntry> stay = going.stream()
                .map(Placement::entry)
                .sorted(Comparator.comparingInt(each -> each.standing().rank().orElse(NO_RANK)))
                .limit(slots.count())
                .toList();
        var kept = stay.stream().map(ListEntry::id).collect(Collectors.toSet());
        Map<UUID, OptionalInt> places = new HashMap<>();
        int next = slots.first();
        for (Placement each : going) {
            UUID id = each.entry().id();
            places.put(id, kept.contains(id) ? OptionalInt.of(next++) : OptionalInt.empty());
        }
        return places;
    }
}
