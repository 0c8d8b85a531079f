package reckonrod.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.channel.Talk;
import reckonrod.core.finding.Edit;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.Severity;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;

class ChecksTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

    private static Channel channel(String receive, Talk talk, String talkTone, String listenTone) {
        return new Channel(
                "X",
                Frequency.parse(receive),
                talk,
                Tone.parse(talkTone),
                Tone.parse(listenTone),
                Emission.FM,
                Power.HIGH);
    }

    private static Talk on(String transmit) {
        return transmit == null ? new Talk.Never() : new Talk.On(Frequency.parse(transmit));
    }

    /** What each rule says, word for word: these sentences are what the person reads. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            145.310 | 145.910 | none       | none       | DOUBT shift-sign-differs: Region 2 practice at 145.310 MHz is −0.600 MHz, the channel has +0.600 MHz.
            147.135 | 147.635 | none       | none       | DOUBT shift-size-differs: Region 2 practice at 147.135 MHz is +0.600 MHz, the channel has +0.500 MHz.
            144.710 | 145.310 | none       | none       | DOUBT pair-swapped: 144.710 MHz is among the repeater inputs of Region 2, and 145.310 MHz among the outputs.
            145.350 | 433.475 | none       | none       | NOTE cross-band-split: Listens on 2 m and talks on 70 cm: a cross-band split.
            145.3133 | 144.715 | none      | none       | DOUBT off-raster: 145.3133 MHz is on none of the channel spacings of the 2 m band (15 kHz, 20 kHz, 5 kHz).
            145.310 | 144.710 | none       | CTCSS 71.9 | DOUBT tone-on-listen-side: CTCSS 71.9 is the listen tone, and nothing is sent while talking.
            146.550 | 146.550 | CTCSS 71.9 | none       | NOTE tone-on-simplex: A tone is set on the simplex channel 146.550 MHz.
            156.800 |         | none       | none       | NOTE listen-only-service: 156.800 MHz belongs to another service (marine): listen-only in every radio.
            300.000 |         | none       | none       | DOUBT outside-plan: 300.000 MHz is in no band of Region 2 and in no listening service: listen-only.
            145.310 | 150.310 | none       | none       | ERROR talk-outside-windows: Talking on 150.310 MHz would be outside every amateur band of Region 2.
            """)
    void eachRuleSaysWhatItSaw(String receive, String transmit, String talkTone, String listenTone, String said) {
        assertThat(Checks.channel(channel(receive, on(transmit), talkTone, listenTone), R2))
                .extracting(Finding::toString)
                .contains(said);
    }

    @ParameterizedTest
    @CsvSource({"145.310, 144.710", "147.000, 146.400", "147.000, 147.600", "446.000, 446.000"})
    void whatIsUsualRaisesNothing(String receive, String transmit) {
        assertThat(Checks.channel(channel(receive, on(transmit), "none", "none"), R2))
                .isEmpty();
    }

    /** A fix that replaces the channel takes away the finding that offered it. */
    @Test
    void everyFixMendsWhatItWasOfferedFor() {
        List<Channel> wrong = List.of(
                channel("145.310", new Talk.Shifted(Shift.ofHertz(600_000), false), "CTCSS 71.9", "none"),
                channel("147.135", new Talk.Shifted(Shift.ofHertz(500_000), false), "none", "none"),
                channel("144.710", on("145.310"), "CTCSS 71.9", "none"),
                channel("145.310", on("144.710"), "none", "DCS 023 N"));
        for (Channel channel : wrong) {
            Finding finding = Checks.channel(channel, R2).get(0);
            assertThat(finding.fixes()).as(finding.toString()).isNotEmpty();
            Channel mended = ((Edit.ReplaceChannel) finding.fixes().get(0).edit()).channel();
            assertThat(Checks.channel(mended, R2))
                    .as("%s mended to %s", finding, mended)
                    .isEmpty();
            assertThat(mended.name()).isEqualTo(channel.name());
        }
    }

    @Test
    void theGravestComesFirst() {
        Channel bad = channel("145.3133", on("150.310"), "none", "CTCSS 71.9");
        assertThat(Checks.channel(bad, R2))
                .extracting(finding -> finding.kind().severity())
                .isSorted()
                .startsWith(Severity.ERROR);
        assertThat(bad.listenTone()).isNotEqualTo(NoTone.NONE);
    }
}
