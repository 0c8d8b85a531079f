package reckonrod.core.tone;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ToneTest {
    @Test
    void code023GivesTheStandardsWord() {
        assertThat(DcsCode.parse("023 N").word()).isEqualTo(0x763813);
    }

    /** What opens a speaker: nothing waited for opens for all; a tone for itself; a code for its word; a reversed tone for all others. */
    @ParameterizedTest
    @CsvSource({
        "none, none, true",
        "none, CTCSS 71.9, true",
        "CTCSS 71.9, CTCSS 71.9, true",
        "CTCSS 71.9, CTCSS 74.4, false",
        "CTCSS 71.9, none, false",
        "CTCSS 71.9, DCS 023 N, false",
        "DCS 023 N, DCS 023 N, true",
        "DCS 023 N, DCS 047 I, true",
        "DCS 023 N, DCS 047 N, false",
        "DCS 023 N, DCS 023 I, false",
        "DCS 023 N, CTCSS 71.9, false",
        "DCS 023 N, none, false",
        "reversed CTCSS 71.9, CTCSS 71.9, false",
        "reversed CTCSS 71.9, CTCSS 74.4, true",
        "reversed CTCSS 71.9, none, true",
    })
    void whatOpensASpeaker(String waitsFor, String sent, boolean opens) {
        assertThat(Tone.parse(waitsFor).opensFor(Tone.parse(sent))).isEqualTo(opens);
    }

    @ParameterizedTest
    @ValueSource(strings = {"none", "CTCSS 71.9", "reversed CTCSS 100.0", "DCS 023 N", "DCS 754 I"})
    void aToneIsReadBackFromItsText(String text) {
        assertThat(Tone.parse(text).text().orElse("none")).isEqualTo(text);
    }

    /** Beside each standard tone its neighbours are the nearest; below the first and above the last, the two at that end. */
    @Test
    void theNearestTonesAreTheNeighbours() {
        List<CtcssTone> all = ToneTable.STANDARD.ctcss();
        for (int i = 1; i < all.size(); i++) {
            int below = all.get(i - 1).tenthsHertz();
            int above = all.get(i).tenthsHertz();
            BigDecimal between = BigDecimal.valueOf(below * 10L + (above - below) * 4L, 2);
            assertThat(ToneTable.STANDARD.nearest(between))
                    .extracting(each -> each.tone().tenthsHertz())
                    .as(between.toPlainString())
                    .startsWith(below)
                    .hasSizeGreaterThan(1);
            assertThat(ToneTable.STANDARD
                            .nearest(new BigDecimal(all.get(i).toHertzText()))
                            .get(0)
                            .tone())
                    .isEqualTo(all.get(i));
        }
        assertThat(ToneTable.STANDARD.nearest(new BigDecimal("60.1")).get(0).tone())
                .isEqualTo(all.get(0));
        assertThat(ToneTable.STANDARD.nearest(new BigDecimal("259.9")).get(0).tone())
                .isEqualTo(all.get(all.size() - 1));
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
        assertThat(ToneTable.STANDARD.contains(CtcssTone.ofTenthsHertz(715))).isFalse();
        assertThat(ToneTable.STANDARD.nearest(new BigDecimal("71.5")))
                .extracting(Object::toString)
                .containsExactly("71.9 (0.4 away)", "69.3 (2.2 away)");
    }

    /** Every code of the larger set has exactly one partner in it, and the partner's partner is itself. */
    @Test
    void theLargerSetIsClosedUnderInversion() {
        Map<DcsCode, DcsCode> partners = new HashMap<>();
        ToneTable.EXTENDED
                .dcsPlaces()
                .forEach(place -> partners.put(place.code(), place.partner().orElseThrow()));
        assertThat(partners).hasSize(104);
        partners.forEach((code, partner) -> {
            assertThat(partners.get(partner.inverted())).isEqualTo(code.inverted());
            assertThat(ToneTable.EXTENDED.sameOnAir(code)).containsExactly(code, partner);
        });
        assertThat(partners.get(DcsCode.parse("172N"))).isEqualTo(DcsCode.parse("036I"));
    }

    @Test
    void aliasesAreCodesWhoseWordsAreRotations() {
        assertThat(ToneTable.EXTENDED.dcsPlaces().get(0).spellings())
                .contains("023N", "D023N", "DCS047I", "340N", "763813")
                .doesNotContain("023I", "047N");
        assertThat(ToneTable.EXTENDED.dcsPlaces().get(0).aliases())
                .extracting(DcsCode::toOctalText)
                .containsExactly("340", "766");
        assertThat(ToneTable.EXTENDED.sameOnAir(DcsCode.parse("340N")))
                .containsExactly(DcsCode.parse("023N"), DcsCode.parse("047I"));
    }

    @ParameterizedTest
    @CsvSource({"1A, 103.5", "XZ, 67.0", "2b, 118.8", "0Z, 254.1"})
    void printedCodesStandForTones(String code, String hertz) {
        CtcssTone tone = CtcssTone.parse(hertz);
        assertThat(ToneTable.ofTwoCharacterCode(code)).contains(tone);
        assertThat(ToneTable.twoCharacterCode(tone))
                .hasValueSatisfying(found -> assertThat(found).isEqualToIgnoringCase(code));
    }

    @Test
    void aToneOfFewRadiosIsInTheLargerSetOnly() {
        CtcssTone rare = CtcssTone.parse("150.0");
        assertThat(ToneTable.EXTENDED.ctcss()).hasSize(51).contains(rare);
        assertThat(ToneTable.STANDARD.contains(new ReversedTone(rare))).isFalse();
        assertThat(ToneTable.twoCharacterCode(rare)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"none", "reversed CTCSS 71.9", "CTCSS 71.9", "CTCSS 254.1", "DCS 023 N", "DCS 754 I"})
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
