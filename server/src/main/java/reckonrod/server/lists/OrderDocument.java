package reckonrod.server.lists;

import reckonrod.core.geography.Position;
import reckonrod.core.list.Ordering;

/** An order that needs more than its name: by distance from a place. */
public record OrderDocument(String place, double latitude, double longitude) {
    static final String DISTANCE = "DISTANCE";

    static String word(Ordering order) {
        return order instanceof Ordering.By by ? by.name() : DISTANCE;
    }

    static OrderDocument of(Ordering order) {
        return order instanceof Ordering.Distance distance
                ? new OrderDocument(
                        distance.place(),
                        distance.from().latitudeDegrees(),
                        distance.from().longitudeDegrees())
                : null;
    }

    static Ordering read(String word, OrderDocument from) {
        if (!word.equals(DISTANCE)) {
            return Ordering.By.valueOf(word);
        }
        if (from == null) {
            throw new IllegalArgumentException("An order by distance must say from where");
        }
        return new Ordering.Distance(from.place, new Position(from.latitude, from.longitude));
    }
}
