package reckonrod.core.geography;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** A way along several places, at least two of them apart, measured in metres from its start. */
public final class Route {
    /** The most places a route may have. */
    public static final int MOST_POINTS = 100_000;

    /** Longer routes than this, in metres, are refused: half around the earth. */
    public static final double MOST_METRES = 20_000_000;

    private final List<Position> points;
    private final double[] metres;

    private Route(List<Position> points, double[] metres) {
        this.points = points;
        this.metres = metres;
    }

    /**
     * A route along these places.
     *
     * @throws IllegalArgumentException with fewer than two places that lie apart, too many, or too long a way
     */
    public static Route along(List<Position> places) {
        if (places.size() > MOST_POINTS) {
            throw new IllegalArgumentException(
                    "Route must have at most " + MOST_POINTS + " points, had " + places.size());
        }
        List<Position> points = new ArrayList<>();
        double[] metres = new double[places.size()];
        for (Position place : places) {
            if (points.isEmpty()) {
                points.add(place);
                continue;
            }
            double step = points.get(points.size() - 1).to(place).metres();
            if (step > 0) {
                metres[points.size()] = metres[points.size() - 1] + step;
                points.add(place);
            }
        }
        if (points.size() < 2) {
            throw new IllegalArgumentException(
                    "Route must have at least two points that lie apart, had " + points.size());
        }
        double length = metres[points.size() - 1];
        if (length > MOST_METRES) {
            throw new IllegalArgumentException(
                    "Route must be at most 20000 km long, was " + Math.round(length / 1000) + " km");
        }
        return new Route(List.copyOf(points), Arrays.copyOf(metres, points.size()));
    }

    /** The places it leads along. */
    public List<Position> points() {
        return points;
    }

    /** Its length in metres. */
    public double metres() {
        return metres[metres.length - 1];
    }

    /** The place so many metres from the start; the ends for what lies beyond them. */
    public Position at(double metresFromStart) {
        if (metresFromStart <= 0) {
            return points.get(0);
        }
        if (metresFromStart >= metres()) {
            return points.get(points.size() - 1);
        }
        int next = Arrays.binarySearch(metres, metresFromStart);
        if (next >= 0) {
            return points.get(next);
        }
        int from = -next - 2;
        Hop leg = points.get(from).to(points.get(from + 1));
        return points.get(from).onCourse(leg.bearingDegrees(), metresFromStart - metres[from]);
    }

    /** Places along the route, the first at its start and the last at its end, evenly so many metres apart at most. */
    public List<Milestone> milestones(double mostMetresApart) {
        int steps = Math.max(1, (int) Math.ceil(metres() / mostMetresApart));
        List<Milestone> stones = new ArrayList<>(steps + 1);
        for (int i = 0; i <= steps; i++) {
            double from = metres() * i / steps;
            stones.add(new Milestone(from, at(from)));
        }
        return stones;
    }

    /**
     * A place on a route.
     *
     * @param metres the way from the start
     * @param position where that is
     */
    public record Milestone(double metres, Position position) {}

    /**
     * Where the route passes a place.
     *
     * @param metres the way from the start to where it comes nearest
     * @param offMetres how far off the place is there
     */
    public record Passing(double metres, double offMetres) {}

    /** Where the route comes nearest to a place. */
    public Passing nearest(Position place) {
        double cosine = Math.cos(Math.toRadians(place.latitudeDegrees()));
        double best = Double.POSITIVE_INFINITY;
        double along = 0;
        for (int i = 1; i < points.size(); i++) {
            // Flat around the place is exact enough to find the spot; the distance to it is then measured properly.
            double ax = turn(points.get(i - 1), place) * cosine;
            double ay = points.get(i - 1).latitudeDegrees() - place.latitudeDegrees();
            double bx = turn(points.get(i), place) * cosine;
            double by = points.get(i).latitudeDegrees() - place.latitudeDegrees();
            double dx = bx - ax;
            double dy = by - ay;
            double length = dx * dx + dy * dy;
            double share = length == 0 ? 0 : Math.min(1, Math.max(0, -(ax * dx + ay * dy) / length));
            double square = Math.pow(ax + share * dx, 2) + Math.pow(ay + share * dy, 2);
            if (square < best) {
                best = square;
                along = metres[i - 1] + share * (metres[i] - metres[i - 1]);
            }
        }
        return new Passing(along, place.to(at(along)).metres());
    }

    private static double turn(Position point, Position from) {
        double degrees = point.longitudeDegrees() - from.longitudeDegrees();
        return degrees > 180 ? degrees - 360 : degrees < -180 ? degrees + 360 : degrees;
    }
}
