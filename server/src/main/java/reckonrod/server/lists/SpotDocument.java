package reckonrod.server.lists;

import reckonrod.core.geography.Position;
import reckonrod.core.list.Spot;

/** A place as it is kept. */
public record SpotDocument(String place, double latitude, double longitude) {
    static SpotDocument of(Spot spot) {
        return new SpotDocument(
                spot.name(), spot.position().latitudeDegrees(), spot.position().longitudeDegrees());
    }

    Spot toSpot() {
        return new Spot(place, new Position(latitude, longitude));
    }
}
