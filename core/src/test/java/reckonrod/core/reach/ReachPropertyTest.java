package reckonrod.core.reach;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.geography.Position;

/** What must hold of every path, whatever the figures are. */
class ReachPropertyTest {
    private static final Frequency TWO_METRES = Frequency.ofHertz(145_000_000);
    private static final Position HERE = new Position(47.5, -38);

    private static Terrain hills(Random random) {
        double north = 20 + 60 * random.nextDouble();
        double east = 20 + 60 * random.nextDouble();
        double high = 900 * random.nextDouble();
        return (latitude, longitude) -> high * (1 + Math.sin(north * latitude) * Math.cos(east * longitude));
    }

    private static Reach.Place place(Position position, double antenna, double watts) {
        return new Reach.Place(position, Station.of(antenna, 0, watts), OptionalDouble.empty());
    }

    /** A way is as long from the other end: over hills and over the round earth, at any distance and height. */
    @ParameterizedTest
    @ValueSource(longs = {1, 7, 11})
    void aPathLosesTheSameInBothDirections(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 60; i++) {
            Terrain terrain = i % 4 == 0 ? Terrain.UNKNOWN : hills(random);
            Reach.Place one = place(HERE, 1 + 60 * random.nextDouble(), 5);
            Reach.Place other = place(
                    HERE.onCourse(360 * random.nextDouble(), 500 + 150_000 * Math.pow(random.nextDouble(), 2)),
                    1 + 60 * random.nextDouble(),
                    5);
            Reach there = Reach.between(one, other, TWO_METRES, TWO_METRES, terrain);
            Reach back = Reach.between(other, one, TWO_METRES, TWO_METRES, terrain);
            assertThat(there.diffractionDecibels())
                    .as("seed %s, path %s of %s", seed, i, there.hop())
                    .isCloseTo(back.diffractionDecibels(), within(0.01));
            assertThat(there.marginDecibels()).isCloseTo(back.marginDecibels(), within(0.01));
            assertThat(there.diffractionDecibels()).isNotNegative();
        }
    }

    /** Ten times the power is 10 dB more in one's own direction, and changes nothing of the other. */
    @ParameterizedTest
    @ValueSource(longs = {4, 5})
    void powerHelpsOnlyItsOwnDirection(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 20; i++) {
            Terrain terrain = hills(random);
            Reach.Place far = place(HERE.onCourse(80, 2_000 + 60_000 * random.nextDouble()), 20, 25);
            Reach weak = Reach.between(place(HERE, 2, 0.5), far, TWO_METRES, TWO_METRES, terrain);
            Reach strong = Reach.between(place(HERE, 2, 5), far, TWO_METRES, TWO_METRES, terrain);
            assertThat(strong.heardThere().marginDecibels())
                    .isCloseTo(weak.heardThere().marginDecibels() + 10, within(1e-9));
            assertThat(strong.heardHere()).isEqualTo(weak.heardHere());
        }
    }

    /** Level ground at the sea's height is the round earth: delta-Bullington there gives what section 3.2 gives. */
    @ParameterizedTest
    @CsvSource({"30, 1.5, 20", "60, 2, 60", "90, 10, 30", "25, 20, 20"})
    void levelGroundIsTheRoundEarth(double kilometres, double one, double other) {
        double[] metres = new double[401];
        for (int i = 0; i <= 400; i++) {
            metres[i] = kilometres * 2.5 * i;
        }
        double loss = new TerrainDiffraction(Profile.of(metres, new double[401], one, other)).decibels(TWO_METRES);
        assertThat(loss).isCloseTo(SmoothEarth.decibels(TWO_METRES, kilometres * 1000, one, other), within(0.01));
    }

    /** Farther never costs less over the round earth, and nothing jumps, neither at the horizon nor where clearance ends. */
    @ParameterizedTest
    @CsvSource({"145, 1.5, 30", "145, 50, 300", "440, 1.5, 30", "440, 10, 10", "52, 2, 100"})
    void lossRisesWithoutAJump(long megahertz, double one, double other) {
        Frequency frequency = Frequency.ofHertz(megahertz * 1_000_000);
        double before = SmoothEarth.decibels(frequency, 1_000, one, other);
        for (double metres = 1_010; metres < 300_000; metres *= 1.01) {
            double loss = SmoothEarth.decibels(frequency, metres, one, other);
            assertThat(loss).as("at %s m", metres).isBetween(before - 1e-6, before + 3);
            before = loss;
        }
        assertThat(before).isGreaterThan(30);
    }
}
