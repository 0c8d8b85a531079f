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

    /**
     * A place on the great circle to another one. Much faster than along the ellipsoid, and within 0.2 % of the way of it,
     * which is finer than any height of the ground is known.
     *
     * @param share the part of the way, 0 to 1
     */
    public Position towards(Position other, double share) {
        double fromLatitude = Math.toRadians(latitudeDegrees);
        double toLatitude = Math.toRadians(other.latitudeDegrees);
        double turn = Math.toRadians(other.longitudeDegrees - longitudeDegrees);
        double half = Math.pow(Math.sin((toLatitude - fromLatitude) / 2), 2)
                + Math.cos(fromLatitude) * Math.cos(toLatitude) * Math.pow(Math.sin(turn / 2), 2);
        double angle = 2 * Math.asin(Math.min(1, Math.sqrt(half)));
        if (angle == 0) {
            return this;
        }
        double near = Math.sin((1 - share) * angle) / Math.sin(angle);
        double far = Math.sin(share * angle) / Math.sin(angle);
        double x = near * Math.cos(fromLatitude) + far * Math.cos(toLatitude) * Math.cos(turn);
        double y = far * Math.cos(toLatitude) * Math.sin(turn);
        double z = near * Math.sin(fromLatitude) + far * Math.sin(toLatitude);
        return wrapped(
                Math.toDegrees(Math.atan2(z, Math.hypot(x, y))), longitudeDegrees + Math.toDegrees(Math.atan2(y, x)));
    }

    /** The same place, turned by whole turns into the range of longitudes. */
    static Position wrapped(double latitude, double longitude) {
        return new Position(latitude, longitude - 360 * Math.floor((longitude + 180) / 360));
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
