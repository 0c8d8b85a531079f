package reckonrod.core.geography;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads the corners of an outline: a place on each line, in any form that {@link PositionReader} reads, or GeoJSON of RFC 7946. */
public final class OutlineReader {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private OutlineReader() {}

    /**
     * The corners in order, as they stand; a GeoJSON ring still ends where it begins.
     *
     * @throws IllegalArgumentException with what was found and expected, if a line is no place, or the GeoJSON is not one polygon
     *     without holes
     */
    public static List<Position> parse(String text) {
        return text.strip().startsWith("{") ? ofGeoJson(text) : ofLines(text);
    }

    private static List<Position> ofLines(String text) {
        List<Position> corners = new ArrayList<>();
        for (String line : text.split("[\\n;]", -1)) {
            if (!line.isBlank()) {
                try {
                    corners.add(PositionReader.parse(line.strip()));
                } catch (IllegalArgumentException wrong) {
                    throw new IllegalArgumentException(
                            "Corner " + (corners.size() + 1) + ": " + wrong.getMessage(), wrong);
                }
            }
        }
        return corners;
    }

    private static List<Position> ofGeoJson(String text) {
        List<JsonNode> polygons = new ArrayList<>();
        try {
            collect(JSON.readTree(text), polygons);
        } catch (JacksonException wrong) {
            throw new IllegalArgumentException(
                    "The outline begins like GeoJSON and is none: it cannot be read"
                            + Optional.ofNullable(wrong.getLocation())
                                    .map(where -> " at line " + where.getLineNr())
                                    .orElse(", being too deep"),
                    wrong);
        }
        if (polygons.size() != 1) {
            throw new IllegalArgumentException(
                    "The GeoJSON of an outline must hold one Polygon, had " + polygons.size());
        }
        JsonNode rings = polygons.get(0);
        if (rings.size() != 1) {
            throw new IllegalArgumentException(
                    "The Polygon of an outline must have one ring and no holes, had " + rings.size() + " rings");
        }
        List<Position> corners = new ArrayList<>();
        for (JsonNode corner : rings.get(0)) {
            if (!corner.isArray()
                    || corner.size() < 2
                    || !corner.get(0).isNumber()
                    || !corner.get(1).isNumber()) {
                throw new IllegalArgumentException("Each corner must be [longitude, latitude], was " + corner);
            }
            corners.add(new Position(corner.get(1).asDouble(), corner.get(0).asDouble()));
        }
        return corners;
    }

    private static void collect(JsonNode node, List<JsonNode> polygons) {
        switch (node.path("type").asString("")) {
            case "FeatureCollection" -> node.path("features").forEach(each -> collect(each, polygons));
            case "Feature" -> collect(node.path("geometry"), polygons);
            case "GeometryCollection" -> node.path("geometries").forEach(each -> collect(each, polygons));
            case "Polygon" -> polygons.add(node.path("coordinates"));
            case "MultiPolygon" -> node.path("coordinates").forEach(polygons::add);
            default -> {
                // Points and lines beside it are no outline.
            }
        }
    }
}
