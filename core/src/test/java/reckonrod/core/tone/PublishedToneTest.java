package reckonrod.core.tone;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PublishedToneTest {
    @ParameterizedTest
    @CsvSource({
        "71.9, CTCSS 71.9",
        "'71,9 Hz', CTCSS 71.9",
        "CTCSS 100, CTCSS 100.0",
        "1a, CTCSS 103.5",
        "D023N, DCS 023 N",
        "dcs 023 i, DCS 023 I",
        "D712, DCS 712 N",
        "023, DCS 023 N",
        "123, CTCSS 123.0",
        "csq, none",
        "-, none",
        "'', none"
    })
    void everyPrintedFormIsRead(String printed, String tone) {
        assertThat(PublishedTone.parse(printed).toString()).isEqualTo(tone);
    }

    @ParameterizedTest
    @ValueSource(strings = {"loud", "D089N", "1750", "71.95", "D23"})
    void whatIsNoToneIsRefusedAsItStood(String printed) {
        assertThatThrownBy(() -> PublishedTone.parse(printed))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("must be hertz")
                .hasMessageContaining("\"" + printed + "\"");
    }
}
