package reckonrod.core.reach;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.nio.ByteBuffer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.geography.Position;

/** A tile of three by three posts, half a degree apart; rows go from north to south. */
class ElevationTileTest {
    private static final ElevationTile TILE =
            tile("N47W038.hgt", new int[] {100, 200, 300}, new int[] {10, -20, 30}, new int[] {0, 1000, -32768});

    private static ElevationTile tile(String name, int[]... rows) {
        ByteBuffer bytes = ByteBuffer.allocate(2 * rows.length * rows.length);
        for (int[] row : rows) {
            for (int height : row) {
                bytes.putShort((short) height);
            }
        }
        return ElevationTile.of(name, bytes.flip());
    }

    /** At its posts it has their heights, between them what lies between, at an unknown one nothing. */
    @ParameterizedTest
    @CsvSource({
        "48.0, -38.0, 100",
        "48.0, -37.5, 200",
        "48.0, -37.0, 300",
        "47.5, -38.0, 10",
        "47.0, -38.0, 0",
        "48.0, -37.75, 150",
        "47.75, -38.0, 55",
        "47.75, -37.75, 72.5",
        "47.25, -37.75, 247.5"
    })
    void heightsLieBetweenThePostsAround(double latitude, double longitude, double metres) {
        assertThat(TILE.metresAt(latitude, longitude)).isEqualTo(metres);
    }

    @ParameterizedTest
    @CsvSource({
        "47.0, -37.0",
        "47.1, -37.1",
        "47.4, -37.2",
        "47.5, -37.5",
        "47.0, -37.5",
        "48.01, -37.5",
        "46.99, -37.5",
        "47.5, -38.01",
        "47.5, -36.99",
        "NaN, -37.5"
    })
    void whereNothingIsKnownIsNoNumber(double latitude, double longitude) {
        assertThat(TILE.metresAt(latitude, longitude)).isNaN();
    }

    @ParameterizedTest
    @CsvSource({
        "47.3, -37.9, N47W038.hgt",
        "47, -38, N47W038.hgt",
        "47.9999, -37.0001, N47W038.hgt",
        "0.5, 0.5, N00E000.hgt",
        "-0.5, -0.5, S01W001.hgt",
        "-33.9, 151.2, S34E151.hgt",
        "-90, 180, S90E180.hgt"
    })
    void aTileIsNamedByItsSouthWestCorner(double latitude, double longitude, String name) {
        assertThat(ElevationTile.nameAt(new Position(latitude, longitude))).isEqualTo(name);
    }

    /** In the south and east too the name says where the posts lie. */
    @Test
    void itsNameSaysWhereItLies() {
        ElevationTile south = tile("S34E151.hgt", new int[] {1, 2}, new int[] {3, 4});
        assertThat(south.metresAt(-33, 151)).isEqualTo(1);
        assertThat(south.metresAt(-34, 152)).isEqualTo(4);
        assertThat(south.metresAt(33.5, 151.5)).isNaN();
    }

    @ParameterizedTest
    @ValueSource(strings = {"N47W38.hgt", "n47w038.hgt", "N47W038", "X47W038.hgt", "N47W038.hgt.zip", ""})
    void whatIsNamedOtherwiseIsNoTile(String name) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> tile(name, new int[] {1, 2}, new int[] {3, 4}))
                .withMessage("An elevation tile must be named like N47W038.hgt, was \"" + name + "\"");
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 7, 9, 10, 16, 20})
    void whatIsNoSquareIsNoTile(int bytes) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> ElevationTile.of("N47W038.hgt", ByteBuffer.allocate(bytes)))
                .withMessageContaining("N47W038.hgt has " + bytes + " bytes");
    }
}
