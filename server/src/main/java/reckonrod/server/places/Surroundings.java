package reckonrod.server.places;

import java.util.List;
import reckonrod.core.geography.Position;

/** What is known of a land besides its repeaters and its ground. */
public interface Surroundings {
    /** Its places that have a name. */
    List<PlaceFinder.Place> places();

    /**
     * What the map draws of it.
     *
     * @param name what it is called
     * @param coast its outline, closed
     */
    record Outline(String name, List<Position> coast) {}

    /** Its outlines. */
    List<Outline> outlines();

    /** A way through it, to be tried. */
    List<Position> way();
}
