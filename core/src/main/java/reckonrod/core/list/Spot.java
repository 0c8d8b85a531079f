package reckonrod.core.list;

import reckonrod.core.geography.Position;

/**
 * A place with the name that the person knows it by.
 *
 * @param name not blank
 * @param position where it is
 */
public record Spot(String name, Position position) {
    public Spot {
        if (name.isBlank()) {
            throw new IllegalArgumentException("A place must have a name");
        }
    }
}
