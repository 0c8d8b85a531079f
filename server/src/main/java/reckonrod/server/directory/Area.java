package reckonrod.server.directory;

import java.util.List;
import reckonrod.core.geography.Position;

/**
 * A box on the earth, which may lie across the date line.
 *
 * @param south the least latitude, −90 to 90 degrees
 * @param north the greatest
 * @param west the western edge, −180 to 180 degrees
 * @param widthDegrees how far it reaches to the east, 0 to 360
 */
public record Area(double south, double north, double west, double widthDegrees) {
    private static final double DEGREE_METRES = 110_500;

    public Area {
        if (!(south >= -90 && south <= north && north <= 90)) {
            throw new IllegalArgumentException(
                    "Box must have its south below its north, both -90 to 90 degrees, was " + south + " to " + north);
        }
        if (!(west >= -180 && west <= 180 && widthDegrees >= 0 && widthDegrees <= 360)) {
            throw new IllegalArgumentException(
                    "Box must begin at -180 to 180 degrees and be 0 to 360 wide, was " + west + ", " + widthDegrees);
        }
    }

    /**
     * Reads {@code south,west,north,east} in degrees; an east below the west lies beyond the date line.
     *
     * @throws IllegalArgumentException if that is no box
     */
    public static Area parse(String text) {
        String[] edges = text.split(",", -1);
        if (edges.length != 4) {
            throw new IllegalArgumentException("Box must be south,west,north,east in degrees, was \"" + text + "\"");
        }
        double[] degrees = new double[4];
        for (int i = 0; i < 4; i++) {
            try {
                degrees[i] = Double.parseDouble(edges[i].strip());
            } catch (NumberFormatException noNumber) {
                throw new IllegalArgumentException(
                        "Box must be south,west,north,east in degrees, was \"" + text + "\"", noNumber);
            }
        }
        double width = degrees[3] - degrees[1];
        return new Area(degrees[0], degrees[2], degrees[1], width < 0 ? width + 360 : width);
    }

    /** The box around a circle. */
    public static Area around(Position centre, double radiusMetres) {
        double high = radiusMetres / DEGREE_METRES;
        double south = Math.max(-90, centre.latitudeDegrees() - high);
        double north = Math.min(90, centre.latitudeDegrees() + high);
        double farthest = Math.max(Math.abs(south), Math.abs(north));
        double wide = farthest > 89 ? 180 : Math.min(180, high / Math.cos(Math.toRadians(farthest)));
        return new Area(south, north, wrapped(centre.longitudeDegrees() - wide), 2 * wide);
    }

    /** The box around places that lie near each other, as those of a route do, with that much on every side. */
    public static Area aroundAll(List<Position> places, double marginMetres) {
        double south = 90;
        double north = -90;
        double first = places.get(0).longitudeDegrees();
        double west = 0;
        double east = 0;
        for (Position place : places) {
            south = Math.min(south, place.latitudeDegrees());
            north = Math.max(north, place.latitudeDegrees());
            double turn = wrapped(place.longitudeDegrees() - first);
            west = Math.min(west, turn);
            east = Math.max(east, turn);
        }
        Area low = around(new Position(south, first), marginMetres);
        Area high = around(new Position(north, first), marginMetres);
        double margin = Math.max(low.widthDegrees, high.widthDegrees) / 2;
        return new Area(low.south, high.north, wrapped(first + west - margin), Math.min(360, east - west + 2 * margin));
    }

    private static double wrapped(double degrees) {
        return degrees - 360 * Math.floor((degrees + 180) / 360);
    }

    /** Its middle. */
    public Position middle() {
        return new Position((south + north) / 2, wrapped(west + widthDegrees / 2));
    }

    /** The eastern edge, beyond 180 where the box lies across the date line. */
    double east() {
        return west + widthDegrees;
    }
}
