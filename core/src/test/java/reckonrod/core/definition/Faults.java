package reckonrod.core.definition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.datafile.DataFileException;

/** A definition that ships, with one slip of the pen in it. */
final class Faults {
    private Faults() {}

    static String yaml(String id) {
        return DataFile.resourceText(RadioDefinitions.class, id + ".yaml");
    }

    /** It is refused when it is read, and a line of the file is named. */
    static void require(String id, String right, String wrong, String fault) {
        String yaml = yaml(id);
        assertThat(yaml).contains(right);
        String slipped = yaml.replaceFirst(Pattern.quote(right), Matcher.quoteReplacement(wrong.replace("\\n", "\n")));
        DataFileException refused =
                catchThrowableOfType(DataFileException.class, () -> RadioDefinitions.readNew("w12.yaml", slipped));
        assertThat(refused).as("%s with %s", id, wrong).isNotNull();
        assertThat(refused.faults())
                .anySatisfy(
                        each -> assertThat(each).matches("w12.yaml:\\d+: .*").contains(fault));
    }
}
