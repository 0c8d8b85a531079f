package reckonrod.core.bandplan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion.VersionFlag;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.datafile.DataFileException;

/** The schema in docs says of a plan's form what the loader says. */
class BandPlanSchemaTest {
    private final JsonSchema schema =
            JsonSchemaFactory.getInstance(VersionFlag.V202012).getSchema(read("../docs/schemas/band-plan.schema.json"));

    private static String read(String path) {
        try {
            return Files.readString(Path.of(path));
        } catch (IOException missing) {
            throw new IllegalStateException(missing);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"r2-north-america", "r1-europe", "r1-united-kingdom", "r3-australia"})
    void everyShippedPlanFollowsIt(String id) {
        assertThat(schema.validate(BandPlans.shippedText(id), InputFormat.YAML)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            practice: Common    | practise: Common
            status: unverified  | statut: unverified
            emission: AM        | emission: SSB
            use: calling        | use: chatting
            shift_mhz: "-0.6"   | shift_mhz: "minus 0.6"
            144.000-148.000     | 144.000 to 148.000
            ["15", "20", "5"]   | ["13"]
            id: r2-north-america | id: R2 North
            licences:           | licenses:
            """)
    void whatTheLoaderRefusesOfTheFormTheSchemaRefusesToo(String right, String wrong) {
        String yaml = BandPlans.shippedText("r2-north-america");
        assertThat(yaml).contains(right);
        String broken = yaml.replaceFirst(java.util.regex.Pattern.quote(right), wrong);
        assertThat(schema.validate(broken, InputFormat.YAML)).as(wrong).isNotEmpty();
        assertThatThrownBy(() -> BandPlans.read("x.yaml", broken)).isInstanceOf(DataFileException.class);
    }
}
