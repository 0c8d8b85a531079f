package reckonrod.core.listing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** RFC 7946, as other people write it. */
class GeoJsonRowsTest {
    private static List<List<String>> rows(String text) throws IOException {
        List<List<String>> rows = new ArrayList<>();
        try (GeoJsonRows table = new GeoJsonRows(new StringReader(text), GeoJsonRows.names(new StringReader(text)))) {
            rows.add(table.headings());
            table.forEachRemaining(row -> rows.add(row.cells()));
        }
        return rows;
    }

    /** Members stand in any order, properties differ from one feature to the next, and what has no point has no position. */
    @Test
    void everyFeatureIsARowWithAllHeadings() throws IOException {
        assertThat(rows("""
                        {"features": [
                          {"geometry": {"coordinates": [-37.98, 47.375, 210], "type": "Point"},
                           "properties": {"output": 145.310, "tone": null, "open": true}, "type": "Feature"},
                          {"type": "Feature", "properties": {"call": "QV0HB", "bands": ["2 m", "70 cm"]},
                           "geometry": {"type": "LineString", "coordinates": [[1, 2], [3, 4]]}},
                          {"type": "Feature", "properties": null, "geometry": null}],
                         "crs": {"deep": [{"er": 1}]}, "type": "FeatureCollection"}
                        """))
                .containsExactly(
                        List.of("output", "tone", "open", "call", "bands", "latitude", "longitude"),
                        List.of("145.31", "", "true", "", "", "47.375", "-37.98"),
                        List.of("", "", "", "QV0HB", "[\"2 m\",\"70 cm\"]", "", ""),
                        List.of("", "", "", "", "", "", ""));
    }

    /** A property that is called as the position is does not stand for it. */
    @Test
    void thePositionIsThatOfTheGeometry() throws IOException {
        assertThat(rows("""
                        {"type": "FeatureCollection", "features": [{"type": "Feature",
                          "properties": {"latitude": 1, "longitude": 2, "output": "145.310"},
                          "geometry": {"type": "Point", "coordinates": [-37.5, 47.25]}}]}
                        """))
                .containsExactly(List.of("output", "latitude", "longitude"), List.of("145.310", "47.25", "-37.5"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "[];FeatureCollection, was of the type \"none\"",
                "{\"type\": \"Feature\", \"features\": [{}]};was of the type \"Feature\"",
                "{\"type\": \"FeatureCollection\", \"features\": []};holds 0",
                "{\"type\": \"FeatureCollection\", \"features\": [{\"a\": };from line",
                "output,tone;not GeoJSON"
            })
    void whatIsNoneSaysWhatWasFound(String text, String says) {
        assertThatThrownBy(() -> rows(text))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(says);
    }

    @Test
    void oneFeatureDoesNotFillTheMemory() {
        String many = "{\"type\":\"FeatureCollection\",\"features\":[{\"a\":[" + "1,".repeat(20_000) + "1]}]}";
        assertThatThrownBy(() -> rows(many)).hasMessageContaining("Feature 1 has more than 10000 parts");
    }
}
