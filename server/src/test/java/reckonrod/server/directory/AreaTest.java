package reckonrod.server.directory;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.geography.Position;
import reckonrod.sim.world.Inventions;
import reckonrod.sim.world.World;

/** What the database narrows a search by: no entry within the radius may ever fall outside. */
class AreaTest {
    private static boolean contains(Area area, Position place) {
        double turn = place.longitudeDegrees() - area.west();
        return place.latitudeDegrees() >= area.south()
                && place.latitudeDegrees() <= area.north()
                && turn - 360 * Math.floor(turn / 360) <= area.widthDegrees();
    }

    /** Around places everywhere, the date line and the poles among them, and in the squares that the index looks into. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void whatLiesWithinTheRadiusLiesInTheBoxAndItsSquares(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 2_000; i++) {
            Position centre = i % 5 == 0
                    ? new Position(random.nextBoolean() ? 89.95 : -89.6, 360 * random.nextDouble() - 180)
                    : new Position(
                            170 * random.nextDouble() - 85,
                            i % 2 == 0 ? 179.9 - random.nextDouble() : 360 * random.nextDouble() - 180);
            double radius = 1_000 * Math.pow(1_000, random.nextDouble());
            Area area = Area.around(centre, radius);
            List<Integer> cells = Cells.within(area);
            Position place = centre.onCourse(360 * random.nextDouble(), radius * 0.9999);
            assertThat(contains(area, place))
                    .as("seed %s: %s is %s m from %s", seed, place, radius, centre)
                    .isTrue();
            if (cells.size() <= Cells.MOST) {
                assertThat(cells)
                        .as("seed %s: %s", seed, place)
                        .contains(Cells.of(place.latitudeDegrees(), place.longitudeDegrees()));
            }
        }
    }

    @Test
    void aRouteOverTheDateLineIsBoxedTheShortWay() {
        Area area = Area.aroundAll(List.of(new Position(10, 179), new Position(12, -178)), 10_000);
        assertThat(area.widthDegrees()).isBetween(3.0, 3.4);
        assertThat(contains(area, new Position(11, 179.99))).isTrue();
        assertThat(contains(area, new Position(11, 0))).isFalse();
    }

    /** A row of the table says all of its entry: those of the islands and hundreds of inventions. */
    @Test
    void anEntryIsReadBackFromItsColumns() {
        Inventions inventions = new Inventions();
        List<DirectoryEntry> entries = Stream.concat(
                        World.shipped().repeaters().stream(),
                        Stream.iterate(0, i -> i + 97).limit(500).map(inventions::number))
                .toList();
        for (DirectoryEntry entry : entries) {
            assertThat(EntryFields.of(entry).entry(entry.id())).isEqualTo(entry);
        }
    }
}
