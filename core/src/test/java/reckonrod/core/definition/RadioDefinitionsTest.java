package reckonrod.core.definition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.datafile.DataFileException;
import reckonrod.core.radio.NameRule;

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
        assertThat(w12.limits().tones().talk().ctcss()).hasSize(50);
        assertThat(w12.limits().tones().listen().dcs()).hasSize(83);
        assertThat(w12.line().baud()).isEqualTo(9600);
    }

    /** Each slip of the pen in a definition is found when it is loaded, and its line is named. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            byte: 9, bits: 8        | byte: 8, bits: 8      | overlaps another field
            stride: 20              | stride: 18            | must end within the record
            in_use: { map: 0x0C00 } | in_use: { map: 0x0BF0 } | overlaps another
            base: 0x0C20            | base: 0x0FF0          | must end within the memory
            talk tone, byte: 9, bits: 8 | talk tone, byte: 9, bits: 4 | talk tone must be able to hold
            bcd, unit_hertz: 10 }   | bcd, unit_hertz: 1 }  | receive must be able to hold 136.000 MHz
            bcd, unit_hertz: 10 }   | bcd, unit_hertz: 100 } | receive must be able to hold 136.00625 MHz
            bits: 56                | bits: 48              | name must be able to hold AAAAAAA
            low_bit: 3, bits: 1     | low_bit: 8, bits: 1   | low_bit must be a whole number 0 to 7
            last: 149               | last: 199             | overlaps another
            family: polled blocks   | family: semaphore     | family must be
            level: low              | level: tiny           | level must be high, mid or low
            holds: emission         | holds: squelch        | holds must be a part of a slot
            - { holds: name, byte: 12, bits: 56, fill: 0x20 } | # | fields must hold name
            holds: transmit         | holds: shift          | a number with a sign must be binary
            values: [low, high]     | values: [high]        | power must be able to hold LOW
            kept_as: any pair       | kept_as: prose        | kept_as must be
            kind: handheld          | kind: pocket          | kind must be handheld or mobile
            ctcss: "50"             | ctcss: "49"           | ctcss must be 0 or one of the common tables, 38 or 50 or 51
            bytes: 4096             | bytes: 4100           | whole blocks of 16 bytes
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

    /** What ships is what lies in the folder: a radio is one file. */
    @Test
    void everyFileOfTheFolderShips() throws IOException {
        try (var files =
                java.nio.file.Files.list(java.nio.file.Path.of("src/main/resources/reckonrod/core/definition"))) {
            assertThat(RadioDefinitions.shipped().all())
                    .extracting(each -> each.id() + ".yaml")
                    .containsExactlyInAnyOrderElementsOf(
                            files.map(each -> each.getFileName().toString()).toList());
        }
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
                        .orElseThrow()
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
        "OSTREY NORTH, OSTREYN",
        "Upper Skarra Tower, UPSKRRT",
        "SAFETYPLACE 12, SFTYP12",
        "123456789, 1234567",
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
