package reckonrod.core.channel;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class EmissionDesignatorTest {
    @ParameterizedTest
    @CsvSource({
        "11K2F3E, NARROW_FM",
        "8K50F3E, NARROW_FM",
        "15K0G3E, NARROW_FM",
        "15K1F3E, WIDE_FM",
        "16K0F3E, WIDE_FM",
        "20k0f3e, WIDE_FM",
        "0M02F3E, WIDE_FM",
        "16KF3EJN, WIDE_FM",
        "6K00A3E, AM",
        "7K60FXE, DIGITAL",
        "7K60F1D, DIGITAL",
        "8K10F1W, DIGITAL",
        "9K80F7W, DIGITAL",
        "2K80J3E, OTHER",
        "100HA1A, OTHER",
        "6M00C3F, OTHER",
        "20K0F2A, OTHER"
    })
    void aDesignationSaysWhatIsSent(String text, EmissionDesignator kind) {
        assertThat(EmissionDesignator.of(text)).contains(kind);
    }

    @ParameterizedTest
    @ValueSource(strings = {"F3E", "11K2", "2M0ZZA", "K11F3E", "11K234F3E", "11K2F3", "", "QV1F3E"})
    void whatHasNoBandwidthOrNoKindIsNone(String text) {
        assertThat(EmissionDesignator.of(text)).isEmpty();
    }
}
