package reckonrod.core.reach;

import java.util.OptionalDouble;
import reckonrod.core.geography.Position;

/** Knows how high the ground is. */
@FunctionalInterface
public interface Terrain {
    /** Knows nothing anywhere. */
    Terrain UNKNOWN = position -> OptionalDouble.empty();

    /** The height of the ground above the sea in metres; absent where it is not known. */
    OptionalDouble metresAt(Position position);
}
