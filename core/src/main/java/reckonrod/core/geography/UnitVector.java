package reckonrod.core.geography;

/** A place on a round earth of radius 1, from its middle: towards 0 N 0 E, towards 0 N 90 E, towards the north pole. */
record UnitVector(double x, double y, double z) {
    static UnitVector of(Position place) {
        double latitude = Math.toRadians(place.latitudeDegrees());
        double longitude = Math.toRadians(place.longitudeDegrees());
        double flat = Math.cos(latitude);
        return new UnitVector(flat * Math.cos(longitude), flat * Math.sin(longitude), Math.sin(latitude));
    }

    /** The straight way through the earth. */
    double chordTo(UnitVector other) {
        double dx = x - other.x;
        double dy = y - other.y;
        double dz = z - other.z;
        return Math.sqrt(dx * dx + dy * dy + dz * dz);
    }
}
