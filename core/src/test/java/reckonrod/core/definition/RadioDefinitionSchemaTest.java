package reckonrod.core.definition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.datafile.DataFileException;

/** Keeps docs/schemas/radio-definition.schema.json and the loader of one mind. */
class RadioDefinitionSchemaTest {
    private final JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
            .getSchema(text("../docs/schemas/radio-definition.schema.json"));

    private static String text(String path) {
        try {
            return Files.readString(Path.of(path));
        } catch (IOException missing) {
            throw new IllegalStateException(missing);
        }
    }

    private static String yaml(String id) {
        return DataFile.resourceText(RadioDefinitions.class, id + ".yaml");
    }

    static Stream<String> shipped() {
        return RadioDefinitions.shipped().all().stream().map(RadioDefinition::id);
    }

    @ParameterizedTest
    @MethodSource("shipped")
    void everyShippedRadioFollowsIt(String id) {
        assertThat(schema.validate(yaml(id), InputFormat.YAML)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            kestrow-k31  | kind: handheld       | kind: pocket
            kestrow-k31  | kept_as: steps       | kept_as: prose
            kestrow-k31  | step_hertz: 50000,   |
            kestrow-k31  | order: little        | order: middle
            kestrow-k31  | values: inverse      | values: sometimes
            kestrow-k31  | holds: banks         | holds: boats
            kestrow-k31  | dcs: "104"           | dcs: "105"
            kestrow-k31  | listen_only: "yes"   | listen_only: "perhaps"
            wrenling-w12 | emissions: [FM, NFM] | emissions: [SSB]
            wrenling-w12 | tones: numbered      | tones: counted
            wrenling-w12 | holds: scan          | holds: fish
            wrenling-w12 | family: polled blocks | family: semaphore
            wrenling-w12 | ident: WRENLING W12  | idents: WRENLING W12
            wrenling-w12 | digits: 6            | digits: 12
            orvane-ot9   | level: low           | level: tiny
            orvane-ot9   | shift: {             | shifts: {
            """)
    void whatTheLoaderRefusesOfTheFormTheSchemaRefusesToo(String id, String right, String wrong) {
        String yaml = yaml(id);
        assertThat(yaml).contains(right);
        String broken = yaml.replaceFirst(Pattern.quote(right), wrong == null ? "" : wrong);
        assertThat(schema.validate(broken, InputFormat.YAML)).as(broken).isNotEmpty();
        assertThatThrownBy(() -> RadioDefinitions.read("x.yaml", broken)).isInstanceOf(DataFileException.class);
    }
}
