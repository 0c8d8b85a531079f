package reckonrod.core.geography;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OutlineReaderTest {
    private static final List<Position> CORNERS =
            List.of(new Position(46.5, -38.25), new Position(47, -38.25), new Position(47, -37));

    @Test
    void cornersAreReadInAnyFormThatPlacesAreWrittenIn() {
        assertThat(OutlineReader.parse("46.5, -38.25\n\n47 -38.25; 47°00'N 37°00'W\n"))
                .isEqualTo(CORNERS);
        assertThat(OutlineReader.parse("""
                {"type":"FeatureCollection","features":[
                  {"type":"Feature","geometry":{"type":"Point","coordinates":[1,2]},"properties":{}},
                  {"type":"Feature","properties":null,"geometry":{"type":"Polygon",
                    "coordinates":[[[-38.25,46.5],[-38.25,47],[-37,47,120]]]}}]}""")).isEqualTo(CORNERS);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', textBlock = """
            46.5, -38.25; somewhere                                              | Corner 2:
            {"type":"Polygon","coordinates":[[[0,0],[0,1],[1,1]],[[0,0]]]}       | one ring and no holes, had 2 rings
            {"type":"MultiPolygon","coordinates":[[[[0,0]]],[[[0,0]]]]}          | must hold one Polygon, had 2
            {"type":"LineString","coordinates":[[0,0],[0,1]]}                    | must hold one Polygon, had 0
            {"type":"Polygon","coordinates":[[[0,0],["x",1],[1,1]]]}             | must be [longitude, latitude], was ["x",1]
            {"type":"Polygon","coordinates":[[[0,0],[0,                          | cannot be read at line 1
            {"type":"Polygon","coordinates":[[[0,95],[0,1],[1,1]]]}              | 95
            """)
    void whatIsNoOutlineIsToldByItsPlace(String text, String said) {
        assertThatThrownBy(() -> OutlineReader.parse(text))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(said);
    }

    @Test
    void whatIsTooDeepIsRefusedAndNothingElseHappens() {
        assertThatThrownBy(() -> OutlineReader.parse(
                        "{\"type\":\"GeometryCollection\",\"geometries\":[".repeat(5000) + "]}".repeat(5000)))
                .hasMessageContaining("cannot be read");
    }
}
