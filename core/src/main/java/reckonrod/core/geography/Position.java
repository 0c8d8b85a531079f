package reckonrod.core.geography;

import java.util.Locale;
import net.sf.geographiclib.Geodesic;
import net.sf.geographiclib.GeodesicData;

/**
 * A place on the WGS-84 ellipsoid.
 *
 * @param latitudeDegrees −90 to 90, north positive
 * @param longitudeDegrees −180 to 180, east positive
 */
public record Position(double latitudeDegrees, double longitudeDegrees) {
    public Position {
        if (!(Math.abs(latitudeDegrees) <= 90)) {
            throw new IllegalArgumentException("Latitude must be -90 to 90 degrees, was " + latitudeDegrees);
        }
        if (!(Math.abs(longitudeDegrees) <= 180)) {
            throw new IllegalArgumentException("Longitude must be -180 to 180 degrees, was " + longitudeDegrees);
        }
    }

    /** The shortest way to another place. */
    public Hop to(Position other) {
        GeodesicData way = Geodesic.WGS84.Inverse(
                latitudeDegrees, longitudeDegrees, other.latitudeDegrees, other.longitudeDegrees);
        return new Hop(way.s12, (way.azi1 + 360) % 360);
    }

    /**
     * The place that is reached on a straight course.
     *
     * @param bearingDegrees true bearing at the start
     * @param metres how far
     */
    public Position onCourse(double bearingDegrees, double metres) {
        GeodesicData way = Geodesic.WGS84.Direct(latitudeDegrees, longitudeDegrees, bearingDegrees, metres);
        return new Position(way.lat2, way.lon2);
    }

    /** {@code 47.51230 N 38.04560 W}, which {@link PositionReader} reads back to 1.2 m. */
    @Override
    public String toString() {
        return String.format(
                Locale.ROOT,
                "%.5f %s %.5f %s",
                Math.abs(latitudeDegrees),
                latitudeDegrees < 0 ? "S" : "N",
                Math.abs(longitudeDegrees),
                longitudeDegrees < 0 ? "W" : "E");
    }
}
