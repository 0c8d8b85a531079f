package reckonrod.core.panel;

import java.util.List;

/**
 * A row of a display.
 *
 * @param characters how many it has, 1 to 40
 * @param shows its parts from left to right
 * @param one whether it shows one of them at a time, and a key goes to the next
 */
public record FaceRow(int characters, List<FacePart> shows, boolean one) {
    public FaceRow {
        shows = List.copyOf(shows);
        if (characters < 1 || characters > 40) {
            throw new IllegalArgumentException("a row must have 1 to 40 characters, was " + characters);
        }
        if (shows.isEmpty()) {
            throw new IllegalArgumentException("a row must show something, was empty");
        }
    }
}
