package reckonrod.core.frequency;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FrequencyTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            145.6125         | 145612500
            145,6125         | 145612500
            145.6125 MHz     | 145612500
            145612.5 kHz     | 145612500
            145 612 500 Hz   | 145612500
            1.2982 GHz       | 1298200000
            146              | 146000000
            0.000001         | 1
            """)
    void readsEveryUsualWriting(String text, long hertz) {
        assertThat(Frequency.parse(text).hertz()).isEqualTo(hertz);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            438.4388255      | whole number of hertz
            1456125          | megahertz with a decimal mark
            0                | 1 Hz to 300 GHz
            300.1 GHz        | 1 Hz to 300 GHz
            99999999999999999999 GHz | whole number of hertz
            -145.650         | a number such as
            """)
    void refusesTheRestAndSaysWhatItExpected(String text, String expected) {
        assertThatThrownBy(() -> Frequency.parse(text))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(expected);
    }

    @ParameterizedTest
    @CsvSource({
        "145650000, 145.650",
        "446006250, 446.00625",
        "118008333, 118.008333",
        "1297000000, 1297.000",
        "1, 0.000001"
    })
    void writesThreeDecimalsAndNoTrailingZeros(long hertz, String text) {
        Locale before = Locale.getDefault();
        Locale.setDefault(Locale.GERMANY);
        try {
            Frequency frequency = Frequency.ofHertz(hertz);
            assertThat(frequency.toMegahertzText()).isEqualTo(text);
            assertThat(Frequency.parse(frequency.toString())).isEqualTo(frequency);
        } finally {
            Locale.setDefault(before);
        }
    }

    @Test
    void shiftKeepsItsSignInEveryText() {
        Shift shift = Shift.between(Frequency.parse("145.310"), Frequency.parse("144.710"));
        assertThat(shift.hertz()).isEqualTo(-600_000);
        assertThat(shift).hasToString("−0.600 MHz");
        assertThat(Shift.parse(shift.toString())).isEqualTo(shift);
        assertThat(Shift.parse("-7.6").toSizeText()).isEqualTo("7.6 MHz");
        assertThatThrownBy(() -> Shift.parse("-0.0000001")).hasMessageContaining("whole hertz");
    }

    @ParameterizedTest
    @CsvSource({
        "8.33, 118.008333, true",
        "8.33, 118.00833, false",
        "8.33, 118.025, true",
        "12.5, 145.6125, true",
        "12.5, 145.610, false",
        "6.25, 446.00625, true",
        "15, 147.135, true"
    })
    void rasterIsExactEvenWhereItsStepIsNoWholeHertz(String raster, String frequency, boolean on) {
        assertThat(Raster.parse(raster).contains(Frequency.parse(frequency))).isEqualTo(on);
    }
}
