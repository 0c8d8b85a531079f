package reckonrod.core.directory;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SourceNameTest {
    @ParameterizedTest
    @CsvSource({
        "Ardmoor (May).csv, ardmoor-may",
        "ardmoor  MAY .CSV, ardmoor-may",
        "Relais_Île.geojson, relais-île",
        "2026.tsv, 2026",
        "'...', ''",
        "'(-).csv', ''"
    })
    void aSourceIsNamedAsItsFileIs(String file, String source) {
        assertThat(SourceName.ofFile(file).orElse("")).isEqualTo(source);
    }

    /** Taken for one source, this year's listing would be judged as a change of last year's. */
    @Test
    void longNamesThatDifferAtTheEndAreTwoSources() {
        String last = SourceName.ofFile("repeaters of the northern islands and coast 2025.csv")
                .orElseThrow();
        String now = SourceName.ofFile("repeaters of the northern islands and coast 2026.csv")
                .orElseThrow();
        assertThat(now)
                .isNotEqualTo(last)
                .startsWith("repeaters-of-the-nort")
                .hasSizeLessThanOrEqualTo(SourceName.MOST_CHARACTERS);
        assertThat(SourceName.ofFile("Repeaters of the northern islands and coast 2026"))
                .contains(now);
    }
}
