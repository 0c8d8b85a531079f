package reckonrod.core.reach;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.ByteBuffer;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.geography.Position;

class ReachTest {
    private static final Frequency OUTPUT = Frequency.ofHertz(145_310_000);
    private static final Frequency INPUT = Frequency.ofHertz(144_710_000);
    private static final Position HERE = new Position(47.5, -38);
    private static final Reach.Place HANDHELD = new Reach.Place(HERE, Station.of(1.5, -3, 5), OptionalDouble.empty());

    private static Reach.Place repeater(double kilometres, double ground) {
        return new Reach.Place(HERE.onCourse(90, kilometres * 1000), Station.of(20, 3, 25), OptionalDouble.of(ground));
    }

    /** 5 W are 37 dBm: 37 − 3 − 96 + 3 against −113 needed; the way back has 25 W, 7 dB more. Free space of 10 km is 95.66 dB. */
    @Test
    void theNumbersAddUpInBothDirections() {
        Reach reach = Reach.between(HANDHELD, repeater(10, 600), OUTPUT, INPUT, Terrain.UNKNOWN);
        assertThat(reach.hop().metres()).isCloseTo(10_000, within(0.01));
        assertThat(reach.freeSpaceDecibels()).isCloseTo(95.69, within(0.05));
        assertThat(reach.heardThere().sentDecibelMilliwatts()).isCloseTo(33.99, within(0.01));
        assertThat(reach.heardThere().arrivesDecibelMilliwatts())
                .isCloseTo(33.99 - reach.heardThere().lossDecibels() + 3, within(0.01));
        assertThat(reach.heardHere().marginDecibels() - reach.heardThere().marginDecibels())
                .isCloseTo(6.99, within(0.3));
        assertThat(reach.marginDecibels()).isEqualTo(reach.heardThere().marginDecibels());
        assertThat(reach.horizonMetres()).isCloseTo(4_120 * (Math.sqrt(620) + Math.sqrt(1.5)), within(0.1));
        assertThat(reach.verdict()).isEqualTo(Verdict.LIKELY);
        assertThat(reach.isOverTerrain()).isFalse();
    }

    @Test
    void farBehindTheHorizonItIsUnlikely() {
        Reach reach = Reach.between(HANDHELD, repeater(150, 100), OUTPUT, INPUT, Terrain.UNKNOWN);
        assertThat(reach.isBehindHorizon()).isTrue();
        assertThat(reach.verdict()).isEqualTo(Verdict.UNLIKELY);
        assertThat(reach.horizonWords()).isEqualTo("It lies behind the radio horizon.");
    }

    /** A wall of 800 m halfway costs; where half of the way is known, a wall there costs as much and one beyond does not. */
    @Test
    void theGroundIsTakenIntoAccountAsFarAsItIsKnown() {
        double middle = HERE.onCourse(90, 15_000).longitudeDegrees();
        Terrain wall = (latitude, longitude) -> Math.abs(longitude - middle) < 0.005 ? 800 : 0;
        Terrain half = (latitude, longitude) -> longitude < middle ? Double.NaN : 0;
        Reach.Place mast = new Reach.Place(HERE, Station.of(100, 0, 5), OptionalDouble.empty());
        Reach.Place other = new Reach.Place(HERE.onCourse(90, 30_000), Station.of(100, 3, 25), OptionalDouble.of(0));
        Reach over = Reach.between(mast, other, OUTPUT, INPUT, wall);
        Reach unknown = Reach.between(mast, other, OUTPUT, INPUT, half);
        assertThat(over.isOverTerrain()).isTrue();
        assertThat(unknown.isOverTerrain()).isFalse();
        assertThat(unknown.groundKnownShare()).isCloseTo(0.5, within(0.01));
        assertThat(unknown.marginDecibels())
                .isCloseTo(
                        Reach.between(mast, other, OUTPUT, INPUT, (latitude, longitude) -> 0.0)
                                .marginDecibels(),
                        within(0.001));
        double quarter = HERE.onCourse(90, 20_000).longitudeDegrees();
        Terrain wallInTheKnown = (latitude, longitude) ->
                longitude < middle ? Double.NaN : Math.abs(longitude - quarter) < 0.005 ? 800 : 0;
        assertThat(Reach.between(mast, other, OUTPUT, INPUT, wallInTheKnown).marginDecibels())
                .isLessThan(unknown.marginDecibels() - 5);
        assertThat(over.marginDecibels()).isLessThan(unknown.marginDecibels() - 5);
        assertThat(Reach.overSeaDecibels(mast, other, OUTPUT, INPUT, half))
                .isCloseTo(unknown.marginDecibels(), within(0.001));
    }

    /** The height of the ground that a person stands on lifts the antenna over the horizon, whether published or known. */
    @Test
    void theGroundUnderThePersonCountsInTheHorizon() {
        Terrain hill = (latitude, longitude) ->
                latitude == HERE.latitudeDegrees() && longitude == HERE.longitudeDegrees() ? 500 : Double.NaN;
        Reach low = Reach.between(HANDHELD, repeater(60, 100), OUTPUT, INPUT, Terrain.UNKNOWN);
        Reach high = Reach.between(HANDHELD, repeater(60, 100), OUTPUT, INPUT, hill);
        assertThat(high.horizonMetres() - low.horizonMetres())
                .isCloseTo(4_120 * (Math.sqrt(501.5) - Math.sqrt(1.5)), within(0.1));
        assertThat(high.isBehindHorizon()).isFalse();
        assertThat(high.horizonWords()).isEqualTo("It lies before the radio horizon.");
        assertThat(high.marginDecibels()).isGreaterThan(low.marginDecibels() + 10);
    }

    /** Standing beside the mast the path has no length, and no figure of it is not a number. */
    @Test
    void aPathOfNoLengthHasFigures() {
        Profile profile = Profile.between(
                        HERE, OptionalDouble.empty(), 2, HERE, OptionalDouble.empty(), 20, (latitude, longitude) -> 7)
                .orElseThrow();
        assertThat(profile.points(OUTPUT))
                .allSatisfy(point -> assertThat(
                                List.of(point.metres(), point.groundMetres(), point.rayMetres(), point.fresnelMetres()))
                        .noneMatch(value -> Double.isNaN(value)));
    }

    /** Heights between the posts are weighed; what is unknown or outside is said to be so. */
    @Test
    void aTileIsReadByItsName() {
        ByteBuffer bytes = ByteBuffer.allocate(3 * 3 * 2);
        for (int post : new int[] {100, 200, 300, 0, 0, 0, 0, 0, Short.MIN_VALUE}) {
            bytes.putShort((short) post);
        }
        ElevationTile tile = ElevationTile.of("N47W038.hgt", bytes.flip());
        assertThat(tile.metresAt(new Position(48, -37.75))).hasValue(150);
        assertThat(tile.metresAt(new Position(47.75, -37.75))).hasValue(75);
        assertThat(tile.metresAt(new Position(47.1, -37.1))).isEmpty();
        assertThat(tile.metresAt(new Position(48.1, -37.5))).isEmpty();
        assertThat(ElevationTile.nameAt(new Position(-0.5, -0.5))).isEqualTo("S01W001.hgt");
        assertThatThrownBy(() -> ElevationTile.of("N47W038.hgt", ByteBuffer.allocate(10)))
                .hasMessageContaining("10 bytes");
        assertThatThrownBy(() -> ElevationTile.of("hills.hgt", ByteBuffer.allocate(8)))
                .hasMessageContaining("N47W038.hgt");
    }
}
