package reckonrod.server.imports;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import reckonrod.core.listing.Table;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads GeoJSON (RFC 7946) as a table: a row for each point, its properties as cells, its position as two more. */
final class GeoJsonTable {
    private static final String LATITUDE = "latitude";
    private static final String LONGITUDE = "longitude";

    private GeoJsonTable() {}

    /**
     * The table of a text.
     *
     * @throws IllegalArgumentException if it is no GeoJSON, or has no points; the message says what was found
     */
    static Table parse(String text, JsonMapper json) {
        JsonNode root;
        try {
            root = json.readTree(text);
        } catch (JacksonException broken) {
            int line = broken.getLocation() == null ? 1 : broken.getLocation().getLineNr();
            throw new IllegalArgumentException(
                    "The file is not GeoJSON: it cannot be read from line " + line + " on", broken);
        }
        JsonNode features = root.path("features");
        if (!root.path("type").asString("").equals("FeatureCollection") || !features.isArray()) {
            throw new IllegalArgumentException("The file must be a GeoJSON FeatureCollection, was of the type \""
                    + root.path("type").asString("none") + "\"");
        }
        Set<String> names = new LinkedHashSet<>();
        for (JsonNode feature : features) {
            feature.path("properties").propertyNames().forEach(names::add);
        }
        names.remove(LATITUDE);
        names.remove(LONGITUDE);
        List<String> headings = new ArrayList<>(names);
        headings.add(LATITUDE);
        headings.add(LONGITUDE);
        List<Table.Row> rows = new ArrayList<>();
        for (JsonNode feature : features) {
            rows.add(new Table.Row(rows.size() + 1, cells(feature, names)));
        }
        if (rows.isEmpty() || rows.size() > Table.MOST_ROWS) {
            throw new IllegalArgumentException(
                    "The file must hold 1 to " + Table.MOST_ROWS + " features, holds " + rows.size());
        }
        return new Table(headings, rows);
    }

    private static List<String> cells(JsonNode feature, Set<String> names) {
        List<String> cells = new ArrayList<>();
        for (String name : names) {
            JsonNode value = feature.path("properties").path(name);
            cells.add(
                    value.isNull() || value.isMissingNode()
                            ? ""
                            : value.isValueNode() ? value.asString() : value.toString());
        }
        JsonNode point = feature.path("geometry");
        boolean isPoint = point.path("type").asString("").equals("Point");
        JsonNode coordinates = point.path("coordinates");
        cells.add(isPoint ? coordinates.path(1).asString("") : "");
        cells.add(isPoint ? coordinates.path(0).asString("") : "");
        return cells;
    }
}
