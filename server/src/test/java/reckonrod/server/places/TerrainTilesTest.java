package reckonrod.server.places;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import reckonrod.core.geography.Position;
import reckonrod.server.ReckonrodSettings;

class TerrainTilesTest {
    private static final Position THERE = new Position(10.5, 20.5);

    @TempDir
    private Path data;

    private TerrainTiles tiles() {
        return new TerrainTiles(new ReckonrodSettings(
                "", data, false, false, ReckonrodSettings.Allowed.NOTHING, Duration.ofSeconds(10)));
    }

    private Path tile(String name, int posts) throws Exception {
        Path folder = Files.createDirectories(data.resolve("elevation"));
        byte[] heights = new byte[posts * posts * 2];
        for (int i = 1; i < heights.length; i += 2) {
            heights[i] = 77;
        }
        return Files.write(folder.resolve(name), heights);
    }

    /** A tile that cannot be read, or is none, is as good as none; its neighbours are not touched by it. */
    @Test
    void whatIsNoTileIsUnknownGround() throws Exception {
        assertThat(tiles().metresAt(THERE)).isEmpty();
        tile("N10E021.hgt", 5);
        Files.write(tile("N10E020.hgt", 5), new byte[] {1, 2, 3});
        TerrainTiles tiles = tiles();
        assertThat(tiles.metresAt(THERE)).isEmpty();
        assertThat(tiles.metresAt(new Position(10.5, 21.5))).hasValue(77);
        assertThat(tiles.metresAt(THERE)).isEmpty();
        assertThat(tiles.metresAt(new Position(-10.5, 21.5))).isEmpty();
    }

    /** Both answers are right although the tile asked for last is remembered. */
    @Test
    void goingToAndFroBetweenTilesGivesEachItsOwnHeight() throws Exception {
        tile("N10E020.hgt", 3);
        Files.write(data.resolve("elevation").resolve("S11W021.hgt"), new byte[18]);
        TerrainTiles tiles = tiles();
        for (int i = 0; i < 3; i++) {
            assertThat(tiles.metresAt(THERE)).hasValue(77);
            assertThat(tiles.metresAt(new Position(-10.5, -20.5))).hasValue(0);
        }
    }
}
