package reckonrod.core.air;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.directory.Mode;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;

class CallTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final Margins NEAR = new Margins(12, 15);

    private static Repeater repeater(Tone opensWith, Tone sends, Mode mode, boolean works) {
        return new Repeater(
                "v:skarra",
                "Skarra",
                Optional.empty(),
                Frequency.parse("145.310"),
                Frequency.parse("144.710"),
                opensWith,
                sends,
                mode,
                works,
                false,
                true);
    }

    private static final Repeater SKARRA = repeater(CtcssTone.parse("71.9"), NoTone.NONE, Mode.FM, true);

    private static RadioSlot slot(String line) {
        Channel channel = Reckoner.reckon(line, R2).channel().orElseThrow();
        return new RadioSlot(
                "SKARRA",
                channel.receive(),
                channel.transmit(),
                channel.talkTone(),
                channel.listenTone(),
                channel.emission(),
                channel.power(),
                true,
                Set.of());
    }

    private static List<String> hindrances(Call call) {
        return Stream.of(Hindrance.values())
                .filter(call.hindrances()::contains)
                .map(Enum::name)
                .toList();
    }

    /** What each mistake does: whether the repeater opens, and whether the radio would hear it. */
    @ParameterizedTest
    @CsvSource(textBlock = """
                    145.310- 71.9,              true,  true,
                    145.310-,                   false, true,  NO_TONE
                    145.310- 74.4,              false, true,  OTHER_TONE
                    145.310 > 144.710 listen 71.9, false, false, NO_TONE SPEAKER_SHUT
                    145.310- 71.9 listen 71.9,  true,  false, SPEAKER_SHUT
                    145.310+ 71.9,              false, true,  OTHER_INPUT
                    145.310 -0.060 71.9,        false, true,  OTHER_INPUT
                    145.310 simplex 71.9,       false, true,  OTHER_INPUT
                    145.310 listen only,        false, true,  NEVER_TALKS
                    145.330 > 144.710 71.9,     true,  false, OTHER_OUTPUT
                    145.3125 > 144.7125 71.9,   true,  true,
                    145.315 > 144.715 71.9,     false, false, OTHER_INPUT OTHER_OUTPUT
                    145.310- 71.9 nfm,          true,  true,
                    145.310- 71.9 am,           false, false, OTHER_MODE
                    """)
    void eachMistakeHasItsOwnSilence(String line, boolean opens, boolean hears, String expected) {
        Call call = Call.of(slot(line), SKARRA, NEAR);
        assertThat(call.opens()).as("opens").isEqualTo(opens);
        assertThat(call.hears()).as("hears").isEqualTo(hears);
        assertThat(hindrances(call)).isEqualTo(expected == null ? List.of() : List.of(expected.split(" ")));
    }

    @Test
    void theRepeaterAndTheWayToItCount() {
        RadioSlot right = slot("145.310- 71.9");
        assertThat(hindrances(Call.of(right, SKARRA, new Margins(-0.1, 0)))).containsExactly("TOO_WEAK_THERE");
        assertThat(Call.of(right, SKARRA, new Margins(-0.1, 0)).hears()).isTrue();
        assertThat(hindrances(Call.of(right, SKARRA, new Margins(0, -0.1)))).containsExactly("TOO_WEAK_HERE");
        assertThat(Call.of(right, SKARRA, new Margins(0, -0.1)).opens()).isTrue();
        Repeater off = repeater(CtcssTone.parse("71.9"), NoTone.NONE, Mode.FM, false);
        assertThat(Call.of(right, off, NEAR).opens()
                        || Call.of(right, off, NEAR).hears())
                .isFalse();
        Repeater digital = repeater(NoTone.NONE, NoTone.NONE, Mode.DIGITAL, true);
        assertThat(hindrances(Call.of(right, digital, NEAR))).containsExactly("OTHER_MODE");
    }

    /** A repeater without a tone opens for every tone; a code whose word is the same on the air opens too. */
    @Test
    void whatSoundsTheSameOpens() {
        assertThat(Call.of(slot("145.310- 103.5"), repeater(NoTone.NONE, NoTone.NONE, Mode.FM, true), NEAR)
                        .isAnswered())
                .isTrue();
        Repeater coded = repeater(DcsCode.parse("023 N"), DcsCode.parse("023 N"), Mode.FM, true);
        assertThat(Call.of(slot("145.310- D023"), coded, NEAR).isAnswered()).isTrue();
        assertThat(hindrances(Call.of(slot("145.310- D023I"), coded, NEAR))).contains("OTHER_TONE");
    }
}
