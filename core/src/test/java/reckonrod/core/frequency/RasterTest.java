package reckonrod.core.frequency;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class RasterTest {
    @ParameterizedTest
    @CsvSource({
        "12.5, 145.6125, true",
        "12.5, 145.610, false",
        "5, 145.610, true",
        "8.33, 118.008333, true",
        "8.33, 118.008334, false",
        "8.33, 118.016667, true",
        "8.33, 118.025, true",
        "6.25, 446.00625, true",
        "25, 145.6125, false",
    })
    void aFrequencyIsOnARasterOrNot(String raster, String frequency, boolean on) {
        assertThat(Raster.parse(raster).contains(Frequency.parse(frequency))).isEqualTo(on);
    }

    /** The nearest step is on the raster, never farther than half a step; one step on is one step away, and one back returns. */
    @ParameterizedTest
    @EnumSource
    void stepsAreExact(Raster raster) {
        Random random = new Random(8);
        double step = Double.parseDouble(raster.toString().replace(" kHz", "")) * 1_000;
        for (int i = 0; i < 500; i++) {
            Frequency from = Frequency.ofHertz(1_000_000 + (long) (random.nextDouble() * 1.3e9));
            Frequency nearest = raster.nearest(from);
            assertThat(raster.contains(nearest)).isTrue();
            assertThat(Math.abs(nearest.hertz() - from.hertz())).isLessThanOrEqualTo((long) (step / 2) + 2);
            int by = 1 + random.nextInt(40);
            Frequency on = raster.stepped(nearest, by);
            assertThat(raster.contains(on)).isTrue();
            assertThat((double) (on.hertz() - nearest.hertz())).isBetween(by * step * 0.999, by * step * 1.001 + 2);
            assertThat(raster.stepped(on, -by)).isEqualTo(nearest);
        }
        assertThat(raster.stepped(raster.nearest(Frequency.ofHertz(1_000_000)), -10_000_000)
                        .hertz())
                .as("there is no step below the first")
                .isPositive();
    }

    @Test
    void spacingsAreComparedExactly() {
        assertThat(Raster.KHZ_8_33.isAtMost(8_333)).isFalse();
        assertThat(Raster.KHZ_8_33.isAtMost(8_334)).isTrue();
        assertThat(Raster.KHZ_12_5.isAtMost(12_500)).isTrue();
        assertThat(Raster.KHZ_15.isAtMost(12_500)).isFalse();
        assertThat(Raster.parse(" 12.50 ")).isEqualTo(Raster.KHZ_12_5);
        assertThatIllegalArgumentException().isThrownBy(() -> Raster.parse("7")).withMessageContaining("was \"7\"");
    }

    @ParameterizedTest
    @CsvSource({
        "144-146, 145-147, true",
        "145-147, 144-146, true",
        "144-146, 146-148, true",
        "144-148, 145-146, true",
        "145-146, 144-148, true",
        "144-145, 146-148, false",
        "146-148, 144-145, false",
    })
    void rangesOverlapOrDoNot(String one, String other, boolean overlap) {
        assertThat(FrequencyRange.parse(one).overlaps(FrequencyRange.parse(other)))
                .isEqualTo(overlap);
    }

    @Test
    void aRangeIsWithinAnotherWithBothItsEnds() {
        FrequencyRange band = FrequencyRange.parse("144-148");
        assertThat(band.contains(FrequencyRange.parse("144-148"))).isTrue();
        assertThat(band.contains(FrequencyRange.parse("143.9-145"))).isFalse();
        assertThat(band.contains(FrequencyRange.parse("145-148.1"))).isFalse();
        assertThat(band).hasToString("144.000-148.000");
        assertThat(band.toWords()).isEqualTo("144.000–148.000 MHz");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> FrequencyRange.parse("145.200"))
                .withMessageContaining("with a hyphen");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> FrequencyRange.parse("146-145"))
                .withMessageContaining("at or above the lower edge");
    }
}
