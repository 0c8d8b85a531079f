package reckonrod.core.reach;

import java.util.OptionalDouble;
import reckonrod.core.geography.Position;

/** Knows how high the ground is. */
@FunctionalInterface
public interface Terrain {
    /** Knows nothing anywhere. */
    Terrain UNKNOWN = (latitude, longitude) -> Double.NaN;

    /**
     * The height of the ground above the sea in metres; not a number where it is not known. A path asks for hundreds of them, so
     * that no objects are made here.
     */
    double metresAt(double latitudeDegrees, double longitudeDegrees);

    /** The height of the ground above the sea in metres; absent where it is not known. */
    default OptionalDouble metresAt(Position position) {
        double metres = metresAt(position.latitudeDegrees(), position.longitudeDegrees());
        return Double.isNaN(metres) ? OptionalDouble.empty() : OptionalDouble.of(metres);
    }
}
