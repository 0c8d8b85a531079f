package reckonrod.core.datafile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.List;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DataFileTest {
    private static List<String> faults(String yaml, Function<Section, ?> reader) {
        return catchThrowableOfType(DataFileException.class, () -> DataFile.read("x.yaml", yaml, reader))
                .faults();
    }

    @Test
    void readsTextNumbersAndLists() {
        String yaml = """
                name: rod
                size: 0x10
                marks: [a, b]
                parts:
                  - { at: 1 }
                  - { at: 2 }
                """;
        String read = DataFile.read(
                "x.yaml",
                yaml,
                top -> top.text("name")
                        + top.number("size", 0, 99)
                        + top.values("marks", text -> text + "!")
                        + top.sections("parts", part -> part.number("at", 0, 9))
                        + top.optionalText("more").isPresent()
                        + top.optionalSections("others", part -> part.text("x")));
        assertThat(read).isEqualTo("rod16[a!, b!][1, 2]false[]");
    }

    @ParameterizedTest
    @CsvSource({"0, 0", "7, 7", "07, 7", "12, 12", "0x0C, 12", "0XC, 12", "+12, 12", "-3, -3"})
    void aWholeNumberIsReadAsAnybodyReadsIt(String written, int number) {
        int read = DataFile.read("x.yaml", "n: " + written, top -> top.number("n", -9, 99));
        assertThat(read).isEqualTo(number);
    }

    /** What is twelve to some and ten to others is neither. */
    @ParameterizedTest
    @CsvSource({
        "012, ' without zeros in front'",
        "08, ' without zeros in front'",
        "1_2, ''",
        "12.0, ''",
        "1e1, ''",
        "'#C', ''",
        "0b11, ''",
        "12 kHz, ''",
        "１２, ''",
        "99999999999, ''",
        "0x1FFFFFFFF, ''"
    })
    void aNumberThatCanBeReadInTwoWaysIsRefused(String written, String more) {
        assertThat(faults("n: '" + written + "'", top -> top.number("n", -9, 99)))
                .containsExactly("x.yaml:1: n must be a whole number -9 to 99" + more + ", was \"" + written + "\"");
    }

    @Test
    void everyKindOfFaultIsNamedWithItsLineAndAllAreCollected() {
        String yaml = """
                size: 100
                name: [not, one]
                marks: []
                part: plain
                slip: 1
                parts:
                  - { at: 1, att: 2 }
                """;
        assertThat(faults(yaml, top -> {
                    top.number("size", 0, 99);
                    top.text("name");
                    top.values("marks", text -> text);
                    top.text("gone");
                    return top.sections("parts", part -> part.number("at", 0, 9));
                }))
                .containsExactly(
                        "x.yaml:1: size must be a whole number 0 to 99, was \"100\"",
                        "x.yaml:2: name must be a single value",
                        "x.yaml:3: marks must be a list with something in it",
                        "x.yaml:1: \"gone\" is missing",
                        "x.yaml:4: \"part\" is no key that belongs here",
                        "x.yaml:5: \"slip\" is no key that belongs here",
                        "x.yaml:7: \"att\" is no key that belongs here");
    }

    @Test
    void aKeyTwiceAndATextThatIsNoFileAreFaults() {
        assertThat(faults("a: 1\nb: 2\na: 3\n", top -> top.text("a") + top.text("b")))
                .containsExactly("x.yaml:3: \"a\" stands here twice");
        assertThat(faults("just words", top -> top.text("a")))
                .containsExactly("x.yaml:1: the file must be a list of keys and values");
        assertThat(faults("", top -> top.text("a")))
                .containsExactly("x.yaml:1: the file must be a list of keys and values");
        assertThat(faults("a: 'open\n", top -> top.text("a")))
                .singleElement()
                .asString()
                .startsWith("x.yaml:");
    }
}
