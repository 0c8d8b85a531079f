package reckonrod.core.listing;

import java.io.IOException;
import java.io.Reader;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.util.TokenBuffer;

/** Reads GeoJSON (RFC 7946) as a table: a row for each point, its properties as cells, its position as two more. */
public final class GeoJsonRows implements TableRows {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String LATITUDE = "latitude";
    private static final String LONGITUDE = "longitude";
    private static final int MOST_TOKENS_OF_A_FEATURE = 10_000;

    private final JsonParser parser;
    private final List<String> headings;
    private String type = "none";
    private boolean inFeatures;
    private int row;
    private Optional<JsonNode> ahead;

    /**
     * Reads from the first feature on.
     *
     * @param text closed with these rows
     * @param names the names of all properties, as {@link #names} found them
     * @throws IllegalArgumentException if it is no GeoJSON; the message says what was found
     */
    public GeoJsonRows(Reader text, List<String> names) {
        this.headings = List.copyOf(names);
        try {
            this.parser = JSON.createParser(text);
            if (parser.nextToken() != JsonToken.START_OBJECT) {
                throw noCollection();
            }
        } catch (JacksonException broken) {
            throw unreadable(broken);
        }
        this.ahead = feature();
    }

    /**
     * The headings of the table of a text: the names of all properties, and the position.
     *
     * @throws IllegalArgumentException if it is no GeoJSON with points in it; the message says what was found
     */
    public static List<String> names(Reader text) {
        Set<String> names = new LinkedHashSet<>();
        GeoJsonRows rows = new GeoJsonRows(text, List.of());
        int count = 0;
        while (rows.ahead.isPresent()) {
            rows.ahead.get().path("properties").propertyNames().forEach(names::add);
            rows.ahead = rows.feature();
            if (++count > Table.MOST_ROWS) {
                throw new IllegalArgumentException(Table.TOO_MANY_ROWS);
            }
        }
        if (!rows.type.equals("FeatureCollection")) {
            throw rows.noCollection();
        }
        if (count == 0) {
            throw new IllegalArgumentException("The file must hold 1 to " + Table.MOST_ROWS + " features, holds 0");
        }
        names.remove(LATITUDE);
        names.remove(LONGITUDE);
        List<String> headings = new ArrayList<>(names);
        headings.add(LATITUDE);
        headings.add(LONGITUDE);
        return headings;
    }

    @Override
    public List<String> headings() {
        return headings;
    }

    @Override
    public boolean hasNext() {
        return ahead.isPresent();
    }

    @Override
    public Table.Row next() {
        JsonNode feature = ahead.orElseThrow(NoSuchElementException::new);
        ahead = feature();
        return new Table.Row(++row, cells(feature));
    }

    @Override
    public void close() throws IOException {
        parser.close();
    }

    /** The next feature; none at the end of the text. */
    private Optional<JsonNode> feature() {
        try {
            while (true) {
                JsonToken token = parser.nextToken();
                if (token == null || token == JsonToken.END_OBJECT) {
                    return Optional.empty();
                }
                if (inFeatures && token == JsonToken.END_ARRAY) {
                    inFeatures = false;
                } else if (inFeatures) {
                    return Optional.of(tree());
                } else {
                    member();
                }
            }
        } catch (JacksonException broken) {
            throw unreadable(broken);
        }
    }

    private void member() {
        String name = parser.currentName();
        JsonToken value = parser.nextToken();
        if (name.equals("type") && value.isScalarValue()) {
            type = parser.getString();
        } else if (name.equals("features") && value == JsonToken.START_ARRAY) {
            inFeatures = true;
        } else {
            parser.skipChildren();
        }
    }

    // A single feature may not fill the memory.
    private JsonNode tree() {
        try (TokenBuffer buffer = TokenBuffer.forBuffering(parser, parser.objectReadContext())) {
            int depth = 0;
            int tokens = 0;
            do {
                JsonToken token = parser.currentToken();
                depth += token.isStructStart() ? 1 : token.isStructEnd() ? -1 : 0;
                buffer.copyCurrentEvent(parser);
                if (++tokens > MOST_TOKENS_OF_A_FEATURE) {
                    throw new IllegalArgumentException(
                            "Feature " + (row + 1) + " has more than " + MOST_TOKENS_OF_A_FEATURE + " parts");
                }
            } while (depth > 0 && parser.nextToken() != null);
            return JSON.readTree(buffer.asParser());
        }
    }

    private IllegalArgumentException noCollection() {
        return new IllegalArgumentException(
                "The file must be a GeoJSON FeatureCollection, was of the type \"" + type + "\"");
    }

    private static IllegalArgumentException unreadable(JacksonException broken) {
        int line = broken.getLocation() == null ? 1 : broken.getLocation().getLineNr();
        return new IllegalArgumentException(
                "The file is not GeoJSON: it cannot be read from line " + line + " on", broken);
    }

    private List<String> cells(JsonNode feature) {
        List<String> cells = new ArrayList<>();
        for (String name : headings.subList(0, Math.max(0, headings.size() - 2))) {
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
