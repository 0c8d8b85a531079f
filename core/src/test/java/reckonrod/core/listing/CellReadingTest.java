package reckonrod.core.listing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.directory.Mode;

/** Single cells as listings have them; one that can be read in two ways, or in none, is told. */
class CellReadingTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            2025-04-03        | 2025-04-03
            2025/4/3          | 2025-04-03
            2025.04.03        | 2025-04-03
            2025-04-03T10:00Z | 2025-04-03
            2025-04-03 10:00  | 2025-04-03
            3.4.2025          | 2025-04-03
            25/04/2025        | 2025-04-25
            04/25/2025        | 2025-04-25
            04-04-2025        | 2025-04-04
            29.02.2024        | 2024-02-29
            """)
    void aDayIsReadHoweverItIsWritten(String cell, String day) {
        assertThat(CellReading.day(cell)).map(String::valueOf).contains(day);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            03/04/2025 | Day can be read in two ways; write it like 2025-04-03, was "03/04/2025"
            3-4-2025   | can be read in two ways
            29.02.2025 | Day must exist in the calendar
            2025-13-01 | Day must exist in the calendar
            13/13/2025 | Day must exist in the calendar
            0/5/2025   | can be read in two ways
            April 2025 | Day must be written like 2025-04-03, was "April 2025"
            03.04.25   | Day must be written like
            20250403   | Day must be written like
            yesterday  | Day must be written like
            """)
    void whatIsNoDayIsTold(String cell, String fault) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> CellReading.day(cell))
                .withMessageContaining(fault);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            12.5     | true
            12,5     | true
            12.5 kHz | true
            12.5K    | true
            6.25     | true
            15       | true
            15.01    | false
            20       | false
            25 khz   | false
            12k5     | true
            6k25     | true
            20k0     | false
            11K2F3E  | true
            16K0F3E  | false
            narrow   | true
            Wide     | false
            N        | true
            w        | false
            NFM      | true
            FM       | false
            ''       | false
            """)
    void aWidthIsNarrowUpToFifteenKilohertz(String cell, boolean narrow) {
        assertThat(CellReading.isNarrow(cell)).isEqualTo(narrow);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            FM 12.5 kHz    | NFM
            FM (12,5)      | NFM
            FM 12K5        | NFM
            FM 15 kHz      | NFM
            FM 11K2F3E     | NFM
            FM 25 kHz      | FM
            FM 16K0F3E     | FM
            FM 2.5 kHz     | FM
            FM, 12 m above | FM
            FM/DMR CC 12   | FM
            AM 8.33        | AM
            7K60FXE        | DIGITAL
            """)
    void aModeIsNarrowWhereItsWidthSaysSo(String cell, Mode mode) {
        assertThat(CellReading.mode(cell)).isEqualTo(mode);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Width (kHz)         | BANDWIDTH
            Channel spacing kHz | BANDWIDTH
            BW                  | BANDWIDTH
            Wide/Narrow         | BANDWIDTH
            Emission designator | MODE
            Call frequency      | ''
            Output (kHz)        | ''
            """)
    void aUnitMakesNoFrequencyOfAHeadingThatSaysMore(String heading, String column) {
        assertThat(Heading.of(heading).column().map(Column::name).orElse("")).isEqualTo(column);
    }

    @ParameterizedTest
    @ValueSource(strings = {"0", "1", "4.99", "12500", "0.0125", "k5", "yes", "-12.5", "12.5/25"})
    void whatIsNoWidthIsTold(String cell) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> CellReading.isNarrow(cell))
                .withMessage("Channel width must be kHz such as 12.5 or 25, was \"" + cell + "\"");
    }

    /** A number above 25 MHz as kilohertz, and above that as hertz, can only be that. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            145.310     | 145310000
            145,310     | 145310000
            145310      | 145310000
            145310.5    | 145310500
            145310000   | 145310000
            25000       | 25000000
            24999.5 kHz | 24999500
            1297.000    | 1297000000
            145.310 MHz | 145310000
            """)
    void aFrequencyIsOfTheUnitThatItCanOnlyBe(String cell, long hertz) {
        assertThat(CellReading.frequency(cell).hertz()).isEqualTo(hertz);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            E L           | E L         | false | ''
            EL            | E L         | false | ''
            el            | E L         | false | ''
            E, L; O       | E L O       | false | ''
            emergency power, linked | E L | false | ''
            off the air   | ''          | true  | ''
            E off the air | E           | false | off the air
            -             | ''          | false | ''
            ''            | ''          | false | ''
            E loud        | E           | false | loud
            EE            | ''          | false | EE
            Eel           | ''          | false | Eel
            open closed   | ''          | false | open closed
            O C           | ''          | false | O C
            """)
    void flagsAreThoseThatAreUnderstood(String cell, String known, boolean offAir, String unknown) {
        CellReading.Flags flags = CellReading.flags(cell);
        assertThat(flags.known().stream().map(each -> each.word()).collect(Collectors.joining(" ")))
                .isEqualTo(known);
        assertThat(flags.offAir()).isEqualTo(offAir);
        assertThat(String.join(" ", flags.unknown())).isEqualTo(unknown);
    }

    /** What a tone burst stands beside is what is left of its cell. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            1750              | ''
            1750 Hz           | ''
            1750Hz tone burst | ''
            burst             | ''
            71.9 / 1750       | 71.9
            1750 or 71.9      | 71.9
            71.9, tone burst  | 71.9
            """)
    void whatStandsBesideABurstIsItsRest(String cell, String rest) {
        assertThat(CellReading.besideBurst(cell)).contains(rest);
    }

    @ParameterizedTest
    @ValueSource(strings = {"71.9", "11750", "1750.5", "17500", "D023", ""})
    void whatIsNoBurstIsNone(String cell) {
        assertThat(CellReading.besideBurst(cell)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            25     | 25
            25 W   | 25
            2,5    | 2.5
            -12    | -12
            300 m  | 300
            30 metres | 30
            """)
    void aFigureMayHaveItsUnit(String cell, double figure) {
        assertThat(CellReading.figure("Power", cell)).hasValue(figure);
        assertThat(CellReading.figure("Power", " ")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"many", "25 kW", "1e3", "10-20", "25W/50W", "NaN", "0x10"})
    void whatIsNoFigureIsTold(String cell) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> CellReading.figure("Power", cell))
                .withMessage("Power must be a number, was \"" + cell + "\"");
    }
}
