package reckonrod.core.geography;

/**
 * The great circle from one place to another on a round earth. Much faster than along the ellipsoid, and within 0.2 % of the way
 * of it, which is finer than any height of the ground is known.
 */
public final class GreatCircle {
    private final Position from;
    private final Position to;
    private final UnitVector start;
    private final UnitVector end;
    private final double angle;

    private GreatCircle(Position from, Position to) {
        this.from = from;
        this.to = to;
        this.start = UnitVector.of(from);
        this.end = UnitVector.of(to);
        this.angle = 2 * Math.asin(Math.min(1, start.chordTo(end) / 2));
    }

    /** The great circle between two places that are not on opposite sides of the earth. */
    public static GreatCircle between(Position from, Position to) {
        return new GreatCircle(from, to);
    }

    /** Told of each place on a walk. */
    @FunctionalInterface
    public interface Walker {
        /**
         * Comes by a place.
         *
         * @param step its number, from 0
         */
        void at(int step, double latitudeDegrees, double longitudeDegrees);
    }

    /**
     * Walks from one place to the other in even steps, telling the places themselves first and last.
     *
     * @param steps how many, at least 1
     */
    public void walk(int steps, Walker walker) {
        walker.at(0, from.latitudeDegrees(), from.longitudeDegrees());
        double turn = angle / steps;
        double twice = 2 * Math.cos(turn);
        double ahead = angle == 0 ? 0 : Math.sin(turn) / Math.sin(angle);
        double back = angle == 0 ? 1 : Math.sin(angle - turn) / Math.sin(angle);
        // Numbers and no vectors: a search walks a million of these steps.
        double beforeX = start.x();
        double beforeY = start.y();
        double beforeZ = start.z();
        double x = back * start.x() + ahead * end.x();
        double y = back * start.y() + ahead * end.y();
        double z = back * start.z() + ahead * end.z();
        for (int step = 1; step < steps; step++) {
            walker.at(step, Math.toDegrees(Math.atan2(z, Math.sqrt(x * x + y * y))), Math.toDegrees(Math.atan2(y, x)));
            // A point that turns evenly: each place follows from the two before it, without an angle being taken.
            double nextX = twice * x - beforeX;
            double nextY = twice * y - beforeY;
            double nextZ = twice * z - beforeZ;
            beforeX = x;
            beforeY = y;
            beforeZ = z;
            x = nextX;
            y = nextY;
            z = nextZ;
        }
        walker.at(steps, to.latitudeDegrees(), to.longitudeDegrees());
    }
}
