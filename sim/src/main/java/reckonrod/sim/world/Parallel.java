package reckonrod.sim.world;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import reckonrod.core.geography.Position;

/** An island along one line of latitude. What is the same for all of its points is worked out once: a tile has 401 of them. */
final class Parallel {
    private final double latitude;
    private final double scale;
    private final double[] crossings;
    private final List<Side> sides;

    /**
     * @param degrees how far from the shore its distance is of interest, in degrees of latitude
     */
    Parallel(Island island, double latitude, double degrees) {
        this.latitude = latitude;
        this.scale = Math.cos(Math.toRadians(latitude));
        this.crossings = crossings(island.coast(), latitude);
        this.sides = crossings.length == 0 ? List.of() : sidesWithin(degrees, island.corners());
    }

    double latitude() {
        return latitude;
    }

    /** How long a degree of longitude is here, in degrees of latitude. */
    double scale() {
        return scale;
    }

    boolean isOnLand(double longitude) {
        int before = 0;
        while (before < crossings.length && crossings[before] < longitude) {
            before++;
        }
        return before % 2 == 1;
    }

    /** The distance to the island as it was drawn, in degrees of latitude; infinite when it is more than was asked for. */
    double degreesFromShore(double longitude) {
        double least = Double.POSITIVE_INFINITY;
        double here = longitude * scale;
        for (Side side : sides) {
            if (here >= side.west && here <= side.east) {
                least = Math.min(least, side.squareFrom(here));
            }
        }
        return Math.sqrt(least);
    }

    /** Where the coast crosses this line, from west to east. */
    private static double[] crossings(List<Position> coast, double latitude) {
        double[] found = new double[coast.size()];
        int count = 0;
        Position from = coast.get(0);
        for (Position to : coast) {
            if (from.latitudeDegrees() > latitude != to.latitudeDegrees() > latitude) {
                double share = (latitude - from.latitudeDegrees()) / (to.latitudeDegrees() - from.latitudeDegrees());
                found[count++] = from.longitudeDegrees() + share * (to.longitudeDegrees() - from.longitudeDegrees());
            }
            from = to;
        }
        double[] sorted = Arrays.copyOf(found, count);
        Arrays.sort(sorted);
        return sorted;
    }

    private List<Side> sidesWithin(double degrees, List<Position> corners) {
        List<Side> near = new ArrayList<>();
        Position from = corners.get(corners.size() - 1);
        for (Position to : corners) {
            double south = Math.min(from.latitudeDegrees(), to.latitudeDegrees());
            double north = Math.max(from.latitudeDegrees(), to.latitudeDegrees());
            if (latitude >= south - degrees && latitude <= north + degrees) {
                near.add(new Side(from, to, degrees));
            }
            from = to;
        }
        return near;
    }

    /** A side of the island as it was drawn, in degrees of latitude, north of this line. */
    private final class Side {
        private final double x;
        private final double y;
        private final double dx;
        private final double dy;
        private final double west;
        private final double east;

        Side(Position from, Position to, double degrees) {
            x = from.longitudeDegrees() * scale;
            y = from.latitudeDegrees() - latitude;
            dx = to.longitudeDegrees() * scale - x;
            dy = to.latitudeDegrees() - from.latitudeDegrees();
            west = Math.min(x, x + dx) - degrees;
            east = Math.max(x, x + dx) + degrees;
        }

        double squareFrom(double here) {
            double away = x - here;
            double share = Math.min(1, Math.max(0, -(away * dx + y * dy) / (dx * dx + dy * dy)));
            double eastward = away + share * dx;
            double northward = y + share * dy;
            return eastward * eastward + northward * northward;
        }
    }
}
