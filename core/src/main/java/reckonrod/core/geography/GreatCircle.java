package reckonrod.core.geography;

/**
 * The great circle from one place to another on a round earth. Much faster than along the ellipsoid, and within 0.2 % of the way
 * of it, which is finer than any height of the ground is known.
 */
public final class GreatCircle {
    private final Position from;
    private final Position to;
    private final double[] start;
    private final double[] end;
    private final double angle;

    private GreatCircle(Position from, Position to) {
        this.from = from;
        this.to = to;
        this.start = unit(from);
        this.end = unit(to);
        double chord = Math.sqrt(square(end[0] - start[0]) + square(end[1] - start[1]) + square(end[2] - start[2]));
        this.angle = 2 * Math.asin(Math.min(1, chord / 2));
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
        double turn = angle / steps;
        double twice = 2 * Math.cos(turn);
        double ahead = angle == 0 ? 0 : Math.sin(turn) / Math.sin(angle);
        double back = angle == 0 ? 1 : Math.sin(angle - turn) / Math.sin(angle);
        double[] before = start.clone();
        double[] now = new double[3];
        for (int axis = 0; axis < 3; axis++) {
            now[axis] = back * start[axis] + ahead * end[axis];
        }
        walker.at(0, from.latitudeDegrees(), from.longitudeDegrees());
        for (int step = 1; step < steps; step++) {
            walker.at(
                    step,
                    Math.toDegrees(Math.atan2(now[2], Math.sqrt(square(now[0]) + square(now[1])))),
                    Math.toDegrees(Math.atan2(now[1], now[0])));
            // A point that turns evenly: each place follows from the two before it, without an angle being taken.
            for (int axis = 0; axis < 3; axis++) {
                double next = twice * now[axis] - before[axis];
                before[axis] = now[axis];
                now[axis] = next;
            }
        }
        walker.at(steps, to.latitudeDegrees(), to.longitudeDegrees());
    }

    private static double[] unit(Position place) {
        double latitude = Math.toRadians(place.latitudeDegrees());
        double longitude = Math.toRadians(place.longitudeDegrees());
        double flat = Math.cos(latitude);
        return new double[] {flat * Math.cos(longitude), flat * Math.sin(longitude), Math.sin(latitude)};
    }

    private static double square(double value) {
        return value * value;
    }
}
