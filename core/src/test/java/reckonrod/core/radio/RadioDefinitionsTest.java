package reckonrod.core.radio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.datafile.DataFileException;

class RadioDefinitionsTest {
    private static String shippedYaml() throws IOException {
        try (InputStream stream = RadioDefinitions.class.getResourceAsStream("wrenling-w12.yaml")) {
            return new String(stream.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @Test
    void theW12HoldsWhatItIsSaidToHold() {
        RadioDefinition w12 = RadioDefinitions.shipped().find("wrenling-w12").orElseThrow();
        assertThat(w12.limits().slots().count()).isEqualTo(150);
        assertThat(w12.limits().name().longest()).isEqualTo(7);
        assertThat(w12.limits().tones().ctcss()).hasSize(50);
        assertThat(w12.limits().tones().dcs()).hasSize(83);
        assertThat(w12.link().baud()).isEqualTo(9600);
    }

    /** Each slip of the pen in a definition is found when it is loaded, and its line is named. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            byte: 9, bits: 8        | byte: 8, bits: 8      | overlaps another field
            stride: 20              | stride: 18            | must end within the record
            base: 0x0C00            | base: 0x0BF0          | overlaps another
            base: 0x0C20            | base: 0x0FF0          | must end within the memory
            holds: talk tone, byte: 9, bits: 8 | holds: talk tone, byte: 9, bits: 4 | talk tone must be able to hold 216
            unit_hertz: 10 }        | unit_hertz: 1 }       | receive must be able to hold 174000000
            bits: 56                | bits: 48              | name must be able to hold 7
            low_bit: 3, bits: 1     | low_bit: 7, bits: 2   | must be whole bytes or lie inside one byte
            last: 149               | last: 199             | overlaps another
            family: polled blocks   | family: semaphore     | family must be
            level: low              | level: tiny           | level must be high, mid or low
            holds: emission         | holds: squelch        | holds must be a part of a slot
            """)
    void faultsOfTheLayoutAreFoundAtLoad(String right, String wrong, String fault) throws IOException {
        String yaml = shippedYaml();
        assertThat(yaml).contains(right);
        DataFileException refused = catchThrowableOfType(
                DataFileException.class,
                () -> RadioDefinitions.read(
                        "w12.yaml", yaml.replaceFirst(java.util.regex.Pattern.quote(right), wrong)));
        assertThat(refused).isNotNull();
        assertThat(refused.faults())
                .anySatisfy(
                        each -> assertThat(each).matches("w12.yaml:\\d+: .*").contains(fault));
    }

    /** Six digits, the last worth 100 Hz: leading zeros are typed, and what leaving them out would mean is told. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            145.310- | Item 41 WAY: BELOW. | Item 42 SPAN: type 006000 for 600 kHz. Without the zeros in front it would be 60 MHz.
            441.150+ | Item 41 WAY: ABOVE. | Item 42 SPAN: type 050000 for 5 MHz. Without the zeros in front it would be 50 MHz.
            927.500- | Item 41 WAY: BELOW. | Item 42 SPAN: type 250000 for 25 MHz. All 6 digits are needed.
            146.520  | Item 41 WAY: LEVEL. The size does not matter then. |
            145.350 > 446.475 | Item 42 SPAN cannot hold 301.125 MHz: it takes 6 digits, the last worth 0.1 kHz. This channel goes in by cable only. |
            132.800  | |
            """)
    void aShiftIsKeyedInWithItsLeadingZeros(String line, String first, String second) {
        RadioDefinition w12 = RadioDefinitions.shipped().find("wrenling-w12").orElseThrow();
        assertThat(w12.shiftMenu()
                        .keying(reckonrod.core.notation.Reckoner.reckon(
                                        line,
                                        reckonrod.core.bandplan.BandPlans.shipped()
                                                .find("r2-north-america")
                                                .orElseThrow())
                                .channel()
                                .orElseThrow()))
                .containsExactlyElementsOf(java.util.stream.Stream.of(first, second)
                        .filter(java.util.Objects::nonNull)
                        .toList());
    }

    @ParameterizedTest
    @CsvSource({
        "Skarra, SKARRA",
        "VELLAN HL, VELLNHL",
        "OSTREY NORTH, OSTRYNR",
        "Ærø Höjd, -R-HOJD",
        "RACE CTRL, RACCTRL",
        "LEG 10, LEG 10"
    })
    void namesAreShortenedSoThatTheyCanStillBeRead(String name, String shown) {
        NameRule rule = RadioDefinitions.shipped()
                .find("wrenling-w12")
                .orElseThrow()
                .limits()
                .name();
        assertThat(rule.shorten(name)).isEqualTo(shown);
        assertThat(rule.allows(rule.shorten(name))).isTrue();
    }
}
