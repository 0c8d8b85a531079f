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

    private static final int STRETCH = 64;
    private static final double LEAST_RADIUS_METRES = 6_335_000;
    private static final double DEGREE_METRES = 111_700;

    private final List<Position> points;
    private final double[] metres;
    private final List<Stretch> stretches;

    private Route(List<Position> points, double[] metres) {
        this.points = points;
        this.metres = metres;
        List<Stretch> all = new ArrayList<>();
        for (int first = 0; first < points.size() - 1; first += STRETCH) {
            all.add(Stretch.of(points, metres, first, Math.min(first + STRETCH, points.size() - 1)));
        }
        this.stretches = List.copyOf(all);
    }

    /**
     * A run of legs, with what tells quickly how far off it is at least: recorded tracks have tens of thousands of points.
     *
     * @param middle its middle point on a round earth of radius 1
     * @param reachMetres how far along the way its ends lie from there at most
     */
    private record Stretch(int first, int last, UnitVector middle, double reachMetres) {
        static Stretch of(List<Position> points, double[] metres, int first, int last) {
            int middle = (first + last) / 2;
            return new Stretch(
                    first,
                    last,
                    UnitVector.of(points.get(middle)),
                    Math.max(metres[middle] - metres[first], metres[last] - metres[middle]));
        }

        /** It is no nearer than this: no way over the earth is shorter than the chord, nor any radius of it smaller. */
        double leastMetres(UnitVector place) {
            return LEAST_RADIUS_METRES * middle.chordTo(place) - reachMetres;
        }
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
        UnitVector there = UnitVector.of(place);
        Stretch likeliest = stretches.get(0);
        for (Stretch each : stretches) {
            if (each.leastMetres(there) < likeliest.leastMetres(there)) {
                likeliest = each;
            }
        }
        Near best = nearest(place, likeliest, new Near(0, Double.POSITIVE_INFINITY));
        for (Stretch each : stretches) {
            if (each.first != likeliest.first
                    && each.leastMetres(there) <= DEGREE_METRES * Math.sqrt(best.squareDegrees)) {
                best = nearest(place, each, best);
            }
        }
        return new Passing(best.metres, place.to(at(best.metres)).metres());
    }

    /** A spot on the route, and the square of how far off it is, in degrees of latitude. */
    private record Near(double metres, double squareDegrees) {}

    private Near nearest(Position place, Stretch stretch, Near before) {
        double cosine = Math.cos(Math.toRadians(place.latitudeDegrees()));
        double best = before.squareDegrees;
        double along = before.metres;
        for (int i = stretch.first + 1; i <= stretch.last; i++) {
            // Flat around the place is exact enough to find the spot; the distance to it is then measured properly.
            double ax = turn(points.get(i - 1), place) * cosine;
            double ay = points.get(i - 1).latitudeDegrees() - place.latitudeDegrees();
            double bx = turn(points.get(i), place) * cosine;
            double by = points.get(i).latitudeDegrees() - place.latitudeDegrees();
            double dx = bx - ax;
            double dy = by - ay;
            double length = dx * dx + dy * dy;
            double share = length == 0 ? 0 : Math.min(1, Math.max(0, -(ax * dx + ay * dy) / length));
            double x = ax + share * dx;
            double y = ay + share * dy;
            if (x * x + y * y < best) {
                best = x * x + y * y;
                along = metres[i - 1] + share * (metres[i] - metres[i - 1]);
            }
        }
        return new Near(along, best);
    }

    private static double turn(Position point, Position from) {
        double degrees = point.longitudeDegrees() - from.longitudeDegrees();
        return degrees > 180 ? degrees - 360 : degrees < -180 ? degrees + 360 : degrees;
    }
}
