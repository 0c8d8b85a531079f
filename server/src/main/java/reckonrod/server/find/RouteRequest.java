package reckonrod.server.find;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import reckonrod.core.geography.GpxReader;
import reckonrod.core.geography.Position;
import reckonrod.core.geography.Route;
import reckonrod.server.problem.ProblemException;

/**
 * A route on the wire.
 *
 * @param gpx the text of a GPX file, or nothing
 * @param points else its points, each a latitude and a longitude in degrees
 * @param corridorKm how far off the route a repeater may stand, in kilometres
 */
public record RouteRequest(
        @Schema(nullable = true) String gpx,
        @Schema(nullable = true) List<List<Double>> points,
        @Schema(nullable = true) Double corridorKm) {
    private static final double USUAL_CORRIDOR = 40;
    private static final double MOST_CORRIDOR = 300;

    /** The route; one that cannot be read is a problem that says why. */
    public Route route() {
        try {
            return gpx != null && !gpx.isBlank() ? GpxReader.parse(gpx) : Route.along(positions());
        } catch (IllegalArgumentException unreadable) {
            throw ProblemException.refused("route-unreadable", "No such route", unreadable.getMessage() + ".");
        }
    }

    private List<Position> positions() {
        if (points == null) {
            throw new IllegalArgumentException("Route must be given as GPX or as points");
        }
        return points.stream()
                .map(each -> {
                    if (each.size() != 2) {
                        throw new IllegalArgumentException(
                                "Each point must be a latitude and a longitude, was " + each);
                    }
                    return new Position(each.get(0), each.get(1));
                })
                .toList();
    }

    /** How far off the route a repeater may stand, in metres. */
    public double corridorMetres() {
        double km = corridorKm == null ? USUAL_CORRIDOR : corridorKm;
        if (!(km > 0 && km <= MOST_CORRIDOR)) {
            throw ProblemException.refused(
                    "distance-out-of-range",
                    "The corridor is out of range",
                    "corridorKm must be above 0 and at most 300 km, was " + km + ".");
        }
        return km * 1000;
    }
}
