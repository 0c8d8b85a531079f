package reckonrod.core.tone;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ToneTest {
    @Test
    void code023GivesTheStandardsWord() {
        assertThat(DcsCode.parse("023 N").word()).isEqualTo(0x763813);
    }

    @Test
    void anInvertedCodeSoundsLikeItsPartner() {
        assertThat(DcsCode.parse("023I").soundsLike(DcsCode.parse("047N"))).isTrue();
        assertThat(DcsCode.parse("023N").soundsLike(DcsCode.parse("047N"))).isFalse();
    }

    /** No two standard codes are rotations of each other; all but 172 have their inverse (036) in the set. */
    @Test
    void theStandardCodesAreDistinctOnTheAirAndAllButOneHaveAPartner() {
        Set<Integer> upright = new HashSet<>();
        ToneTable.STANDARD.dcs().forEach(code -> upright.add(GolayWord.canonicalRotation(code.word())));
        assertThat(upright).hasSize(83);
        assertThat(ToneTable.STANDARD.dcs())
                .filteredOn(code -> !upright.contains(
                        GolayWord.canonicalRotation(code.inverted().word())))
                .extracting(DcsCode::toOctalText)
                .containsExactly("172");
        assertThat(DcsCode.parse("172I").soundsLike(DcsCode.parse("036N"))).isTrue();
    }

    @Test
    void nearestTonesAreOfferedWithTheirDistance() {
        assertThat(ToneTable.STANDARD.ctcss()).hasSize(50);
        assertThat(ToneTable.STANDARD.exact(715)).isEmpty();
        assertThat(ToneTable.STANDARD.nearest(715))
                .extracting(Object::toString)
                .containsExactly("71.9 (0.4 away)", "69.3 (2.2 away)");
    }

    @ParameterizedTest
    @ValueSource(strings = {"none", "CTCSS 71.9", "CTCSS 254.1", "DCS 023 N", "DCS 754 I"})
    void textReadsBack(String text) {
        assertThat(Tone.parse(text)).hasToString(text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "71.9", "CTCSS 59.9", "CTCSS 71.95", "DCS 089 N", "DCS 1023 N"})
    void anythingElseIsRefused(String text) {
        assertThatThrownBy(() -> Tone.parse(text))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("must be");
    }
}
