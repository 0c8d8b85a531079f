package reckonrod.server.places;

import java.util.List;
import org.springframework.stereotype.Component;
import reckonrod.core.geography.Position;
import reckonrod.core.geography.PositionReader;
import reckonrod.server.directory.DirectoryStore;
import reckonrod.server.problem.ProblemException;

/** Finds the place that a person means: coordinates in any usual form, or a name that stands in the directory. */
@Component
public class PlaceFinder {
    private static final int MOST = 8;

    private final DirectoryStore directory;
    private final Gazetteer gazetteer;

    PlaceFinder(DirectoryStore directory, Gazetteer gazetteer) {
        this.directory = directory;
        this.gazetteer = gazetteer;
    }

    /**
     * A place.
     *
     * @param name what it is called; the coordinates where it has no name
     */
    public record Place(String name, String area, double latitude, double longitude) {
        /** Where it is. */
        public Position position() {
            return new Position(latitude, longitude);
        }
    }

    /** All places that a text may mean, the likeliest first; none for a name that nobody knows. */
    public List<Place> all(String text) {
        if (text.isBlank()) {
            return List.of();
        }
        if (!PositionReader.looksLikePosition(text)) {
            return named(text);
        }
        try {
            Position position = PositionReader.parse(text);
            return List.of(new Place(position.toString(), "", position.latitudeDegrees(), position.longitudeDegrees()));
        } catch (IllegalArgumentException unreadable) {
            // A name may have a figure in it.
            List<Place> named = named(text);
            if (named.isEmpty()) {
                throw ProblemException.refused("position-unreadable", "No such place", unreadable.getMessage() + ".");
            }
            return named;
        }
    }

    private List<Place> named(String text) {
        List<Place> known = gazetteer.beginningWith(text.strip());
        List<Place> listed = directory.places(text, MOST).stream()
                .map(each -> new Place(each.name(), each.area(), each.latitude(), each.longitude()))
                .filter(each -> known.stream().noneMatch(other -> other.name().equals(each.name())))
                .toList();
        return java.util.stream.Stream.concat(known.stream(), listed.stream())
                .limit(MOST)
                .toList();
    }

    /** The likeliest place; a text that means none is a problem that says what is expected. */
    public Place one(String text) {
        return all(text).stream()
                .findFirst()
                .orElseThrow(() -> ProblemException.refused(
                        "place-unknown",
                        "Unknown place",
                        "No place is called \"" + text.strip()
                                + "\" in the directory. Give its coordinates or its locator, or click on the map."));
    }
}
