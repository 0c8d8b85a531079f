package reckonrod.core.trip;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CoverageTest {
    private static final double OUT = Double.NEGATIVE_INFINITY;

    private static Coverage of(String heard, int bridged) {
        double[] margins = heard.chars()
                .mapToDouble(each -> each == '.' ? OUT : Character.digit(each, 10) - 3)
                .toArray();
        return new Coverage(margins, 0, bridged);
    }

    private static String served(Coverage coverage, int stones) {
        StringBuilder text = new StringBuilder();
        for (int stone = 0; stone < stones; stone++) {
            text.append(coverage.covers(stone) ? 'x' : '.');
        }
        return text.toString();
    }

    /** Digits are margins with 3 as just heard; a break that is short enough does not count, but only between two that are heard. */
    @ParameterizedTest
    @CsvSource({
        "333.., 0, xxx..",
        "323.., 0, x.x..",
        "323.., 1, xxx..",
        "3..3., 1, x..x.",
        "3..3., 2, xxxx.",
        ".3..., 2, .x...",
        "...39, 2, ...xx",
        "2....., 9, ......",
        "3.3.3, 1, xxxxx",
    })
    void shortBreaksAreBridged(String heard, int bridged, String covered) {
        assertThat(served(of(heard, bridged), heard.length())).isEqualTo(covered);
    }

    @Test
    void aStretchSaysHowWellItIsHeardAndHowMuchOfItIsNot() {
        Coverage coverage = of("5.3.9", 1);
        assertThat(coverage.runStart(2)).isZero();
        assertThat(coverage.runEnd(2)).isEqualTo(4);
        assertThat(coverage.least(0, 4)).isZero();
        assertThat(coverage.least(0, 1)).isEqualTo(2);
        assertThat(coverage.mean(0, 4)).isEqualTo(8.0 / 3);
        assertThat(coverage.mean(1, 1)).isEqualTo(OUT);
        assertThat(coverage.weak(0, 4)).isEqualTo(2);
        assertThat(coverage.weak(0, 0)).isZero();
        assertThat(of("3", 0).weak(0, 0)).as("just heard is heard").isZero();
    }
}
