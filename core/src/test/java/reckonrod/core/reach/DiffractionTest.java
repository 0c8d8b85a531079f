package reckonrod.core.reach;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.frequency.Frequency;

class DiffractionTest {
    private static final Frequency TWO_METRES = Frequency.ofHertz(145_000_000);

    /**
     * Against the integral that the formula stands for, J(ν) = −20 log(½ √((1−C−S)² + (C−S)²)) with the Fresnel integrals
     * summed up here step by step. The recommendation gives its formula for ν above −0.78, where it is within half a decibel.
     */
    @ParameterizedTest
    @ValueSource(doubles = {-0.7, -0.3, 0, 0.5, 1, 2.4, 5})
    void aKnifeEdgeCostsWhatTheFresnelIntegralsSay(double nu) {
        double c = 0;
        double s = 0;
        int steps = 200_000;
        for (int i = 0; i < steps; i++) {
            double t = nu * (i + 0.5) / steps;
            c += Math.cos(Math.PI * t * t / 2) * nu / steps;
            s += Math.sin(Math.PI * t * t / 2) * nu / steps;
        }
        double exact = -20 * Math.log10(Math.hypot(1 - c - s, c - s) / 2);
        assertThat(Loss.knifeEdgeDecibels(nu)).isCloseTo(exact, within(0.5));
    }

    /** Free space by its definition, (4πd/λ)², with λ = 2.0675 m: 1 km is 75.68 dB, and each doubling 6.02 dB more. */
    @Test
    void freeSpace() {
        assertThat(Loss.freeSpaceDecibels(TWO_METRES, 1_000)).isCloseTo(75.68, within(0.01));
        assertThat(Loss.freeSpaceDecibels(TWO_METRES, 8_000)).isCloseTo(75.68 + 3 * 6.0206, within(0.01));
        assertThat(Loss.horizonMetres(100, 25)).isEqualTo(4_120 * 15.0);
    }

    /**
     * Worked from the self-consistent equations of P.526 (X = β (π/λa²)^⅓ d, Y = 2β (π²/λ²a)^⅓ h, K from σ and λ), while the
     * product uses those in practical units: 22 and 3 mS/m, a = 8500 km, upright waves.
     */
    @ParameterizedTest
    @CsvSource({
        "145, 20, 50, 2, 31.738",
        "145, 45, 200, 2, 29.163",
        "440, 60, 300, 10, 7.839",
        "440, 100, 30, 1.5, 82.343",
        "52, 80, 100, 10, 41.658"
    })
    void smoothEarth(long megahertz, double kilometres, double one, double other, double decibels) {
        Frequency frequency = Frequency.ofHertz(megahertz * 1_000_000);
        assertThat(SmoothEarth.decibels(frequency, kilometres * 1000, one, other))
                .isCloseTo(decibels, within(0.1));
        assertThat(SmoothEarth.decibels(frequency, kilometres * 1000, other, one))
                .isCloseTo(decibels, within(0.1));
    }

    private static Profile ridge(double height) {
        double[] metres = new double[101];
        double[] ground = new double[101];
        for (int i = 0; i <= 100; i++) {
            metres[i] = i * 200.0;
        }
        ground[40] = height;
        return Profile.of(metres, ground, 200, 200);
    }

    /**
     * A thin ridge at 8 of 20 km, antennas at 200 m. The bulge there is 8·12/(2·8500) km = 5.647 m, so a ridge of 300 m stands
     * 105.647 m above the ray; ν = h √(2d/(λ d₁ d₂)) = 105.647 √(2·20000/(2.0675·8000·12000)) = 1.500; one edge: 16.78 dB.
     */
    @Test
    void theRidgeThatCostsMostIsFoundAndMeasured() {
        Obstacle worst = new TerrainDiffraction(ridge(300)).worst(TWO_METRES).orElseThrow();
        assertThat(worst.metres()).isEqualTo(8_000);
        assertThat(worst.aboveRayMetres()).isCloseTo(105.647, within(0.001));
        assertThat(worst.lossDecibels()).isCloseTo(16.78, within(0.02));
        assertThat(worst.clearanceShare()).isCloseTo(-105.647 / 99.61, within(0.01));
    }

    /**
     * Delta-Bullington by hand for the same ridge: no other point is higher, so Bullington's edge is the ridge itself, with
     * L = J(ν) + (1 − e^(−J/6))(10 + 0.02·20 km); the smooth part is nothing, for both antennas stand high and clear.
     */
    @Test
    void deltaBullingtonOverOneRidge() {
        double knife = Loss.knifeEdgeDecibels(1.5000);
        double expected = knife + (1 - Math.exp(-knife / 6)) * (10 + 0.02 * 20);
        assertThat(new TerrainDiffraction(ridge(300)).decibels(TWO_METRES)).isCloseTo(expected, within(0.1));
    }

    @Test
    void aHigherRidgeNeverCostsLess() {
        double before = -1;
        for (double height = 0; height < 900; height += 25) {
            double loss = new TerrainDiffraction(ridge(height)).decibels(TWO_METRES);
            assertThat(loss).isGreaterThanOrEqualTo(before);
            before = loss;
        }
        assertThat(before).isGreaterThan(30);
    }
}
