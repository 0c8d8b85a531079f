package reckonrod.server.lists;

import java.util.List;
import reckonrod.core.list.Ordering;
import reckonrod.core.list.Spot;

/** An order as it is kept: a word, and where that needs one a place, or the places of a way. */
record OrderDocument(String word, SpotDocument from, List<SpotDocument> via) {
    private static final String DISTANCE = "DISTANCE";
    private static final String ALONG = "ALONG";

    static OrderDocument of(Ordering order) {
        if (order instanceof Ordering.Distance distance) {
            return new OrderDocument(DISTANCE, SpotDocument.of(new Spot(distance.place(), distance.from())), null);
        }
        if (order instanceof Ordering.Along along) {
            return new OrderDocument(
                    ALONG, null, along.places().stream().map(SpotDocument::of).toList());
        }
        return new OrderDocument(((Ordering.By) order).name(), null, null);
    }

    Ordering toOrdering() {
        if (word.equals(DISTANCE)) {
            Spot spot = needed(from, "An order by distance must say from where").toSpot();
            return new Ordering.Distance(spot.name(), spot.position());
        }
        if (word.equals(ALONG)) {
            return new Ordering.Along(needed(via, "An order along a way must say by which places").stream()
                    .map(SpotDocument::toSpot)
                    .toList());
        }
        return Ordering.By.valueOf(word);
    }

    private static <T> T needed(T value, String otherwise) {
        if (value == null) {
            throw new IllegalArgumentException(otherwise);
        }
        return value;
    }
}
