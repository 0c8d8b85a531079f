package reckonrod.core.listing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.directory.Input;

/** Where a repeater listens, from a cell of the shift and one of its size, as people write them. */
class ShiftCellsTest {
    private static String says(Input input) {
        return input.getClass().getSimpleName()
                + input.words().replace('\u2212', '-').replace(" MHz", "");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            -0.600     | ''        | Shifted -0.600
            −0,6       | ''        | Shifted -0.600
            0.6-       | ''        | Shifted -0.600
            -600       | ''        | Shifted -0.600
            -600 kHz   | ''        | Shifted -0.600
            -600000    | ''        | Shifted -0.600
            + 5 MHz    | ''        | Shifted +5.000
            7.6 m      | ''        | Shifted +7.600
            -25        | ''        | Shifted -25.000
            99         | ''        | Shifted +99.000
            -100       | ''        | Shifted -0.100
            0          | ''        | Simplex
            0.000      | ''        | Simplex
            simplex    | ''        | Simplex
            ±0.6       | ''        | Sized
            +/-0.6     | ''        | Sized
            -          | ''        | Signed
            +          | ''        | Signed
            -          | 0.6       | Shifted -0.600
            +          | 600 kHz   | Shifted +0.600
            +          | +0.6      | Shifted +0.600
            -          | 0         | Signed
            ''         | -0.6      | Shifted -0.600
            ''         | 0.6       | Sized
            ''         | 0         | Simplex
            ''         | ''        | Unpublished
            -0.600     | 600       | Shifted -0.600
            -0.600     | -0.6      | Shifted -0.600
            simplex    | 0.6       | Simplex
            split      | 433.475   | At
            """)
    void aShiftIsReadAsItIsWritten(String way, String size, String expected) {
        assertThat(says(ShiftCells.read(way, size))).startsWith(expected);
    }

    /** What two cells contradict, or one says that cannot be, is never taken for the likelier of the two. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            -0.600     | 0.7       | Shift says "-0.600" and its size "0.7", which contradict each other
            -0.600     | +0.6      | contradict each other
            -          | +0.6      | contradict each other
            +          | -5        | contradict each other
            split      | ''        | an input of its own, and no column of a size or an input has it
            -0.04      | ''        | Shift must be 50 kHz to 99.999 MHz, was "-0.04"; is its unit another one?
            -40 kHz    | ''        | must be 50 kHz to 99.999 MHz
            -100 MHz   | ''        | must be 50 kHz to 99.999 MHz
            -600.5     | ''        | if that is the input, its column means the input
            144.710    | ''        | if that is the input, its column means the input
            -0.6+      | ''        | must be a sign, or a sign and a size such as -0.600 or -600 kHz, was "-0.6+"
            half       | ''        | must be a sign, or a sign and a size
            -0.0000001 | ''        | Shift must be whole hertz
            -          | wide      | Size of the shift must be a sign, or a sign and a size
            """)
    void whatCannotBeIsToldAndNotGuessed(String way, String size, String fault) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> ShiftCells.read(way, size))
                .withMessageContaining(fault);
    }
}
