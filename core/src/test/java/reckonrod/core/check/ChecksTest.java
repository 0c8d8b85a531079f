package reckonrod.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
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
import reckonrod.core.finding.Fix;
import reckonrod.core.finding.Severity;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.tone.CtcssTone;
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
                Power.HIGH,
                Set.of());
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
            145.310 | 145.250 | none       | none       | DOUBT shift-zeros-slipped: −0.060 MHz has the digits of −0.600 MHz, which Region 2 practice has at 145.310 MHz, and other zeros.
            146.100 | 146.100 | none       | none       | DOUBT simplex-on-repeater-input: 146.100 MHz is among the repeater inputs of Region 2, and the channel talks there simplex.
            435.500 | 435.500 | none       | none       | DOUBT fm-in-kept-segment: 435.500 MHz is kept for satellites in Region 2; FM talk does not belong there.
            146.520 | 146.520 | none       | none       | NOTE calling-at-high-power: 146.520 MHz is a calling frequency of Region 2, kept here at high power.
            132.800 |         | none       | none       | DOUBT fm-in-air-band: FM is set at 132.800 MHz, in the air band.
            440.0125 | 445.0125 | none     | none       | NOTE wide-on-narrow-raster: FM is set at 440.0125 MHz, a channel of the 12.5 kHz raster of 70 cm.
            145.310 | 144.710 | CTCSS 71.5 | none       | ERROR tone-not-standard: 71.5 Hz is no standard tone; the nearest are 71.9 (0.4 away) and 69.3 (2.2 away).
            145.310 | 144.710 | DCS 340 N  | none       | ERROR dcs-not-standard: DCS 340 N is no DCS code that radios offer.
            145.310 | 144.710 | CTCSS 150.0 | none      | NOTE tone-of-few-radios: CTCSS 150.0 is in the tables of few radios.
            145.310 | 144.710 | DCS 023 N  | DCS 047 I  | NOTE dcs-sides-same: DCS 023 N and DCS 047 I are the same word on the air.
            145.310 | 144.7133 | none      | none       | DOUBT off-raster: 144.7133 MHz is on none of the channel spacings of the 2 m band (15 kHz, 20 kHz, 5 kHz).
            145.310 | 144.710 | CTCSS 71.9 | CTCSS 71.5 | ERROR tone-not-standard: 71.5 Hz is no standard tone; the nearest are 71.9 (0.4 away) and 69.3 (2.2 away).
            145.310 | 144.710 | CTCSS 71.9 | CTCSS 150.0 | NOTE tone-of-few-radios: CTCSS 150.0 is in the tables of few radios.
            145.310 | 150.310 | none       | none       | ERROR talk-outside-windows: Talking on 150.310 MHz would be outside every amateur band of Region 2.
            """)
    void eachRuleSaysWhatItSaw(String receive, String transmit, String talkTone, String listenTone, String said) {
        assertThat(Checks.channel(channel(receive, on(transmit), talkTone, listenTone), R2))
                .extracting(Finding::toString)
                .contains(said);
    }

    @ParameterizedTest
    @CsvSource({"145.310, 144.710", "147.000, 146.400", "147.000, 147.600", "146.550, 146.550"})
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
        List<Channel> more = List.of(
                Channel.of(Frequency.parse("146.520"), new Talk.Same()),
                Channel.of(Frequency.parse("147.510"), new Talk.Same()).withEmission(Emission.AM),
                Channel.of(Frequency.parse("132.800"), new Talk.Never()),
                Channel.of(Frequency.parse("440.0125"), new Talk.Shifted(Shift.ofHertz(5_000_000), true)),
                channel("145.310", new Talk.Shifted(Shift.ofHertz(-60_000), false), "none", "none"),
                channel("145.310", new Talk.Shifted(Shift.ofHertz(-600_000), true), "CTCSS 71.5", "DCS 340 I"));
        int fixes = 0;
        for (Channel channel : Stream.concat(wrong.stream(), more.stream()).toList()) {
            List<Finding> findings = Checks.channel(channel, R2);
            assertThat(findings).as(channel.toString()).isNotEmpty();
            for (Finding finding : findings) {
                for (Fix fix : finding.fixes()) {
                    Channel mended = ((Edit.ReplaceChannel) fix.edit()).channel();
                    assertThat(Checks.channel(mended, R2))
                            .as("%s mended to %s", finding, mended)
                            .noneMatch(each -> each.kind().equals(finding.kind()) && each.field() == finding.field());
                    assertThat(mended.name()).isEqualTo(channel.name());
                    fixes++;
                }
            }
        }
        assertThat(fixes).isGreaterThanOrEqualTo(wrong.size() + more.size());
    }

    /** The class of licence of the list decides, inside a band as outside. */
    @Test
    void talkingOutsideTheLicenceIsAnErrorThatNamesIt() {
        BandPlan r1 = BandPlans.shipped().find("r1-europe").orElseThrow();
        Channel tenMetres = Channel.of(Frequency.parse("29.640"), new Talk.Shifted(Shift.ofHertz(-100_000), true));
        assertThat(Checks.channel(tenMetres, r1)).isEmpty();
        assertThat(Checks.channel(tenMetres, r1.judgingBy("entry")))
                .extracting(Finding::toString)
                .containsExactly(
                        "ERROR talk-outside-licence: Talking on 29.540 MHz is outside the talk windows of the class \"entry\" in Region 1.");
        assertThat(r1.judgingBy("").licence().name()).isEqualTo("full");
        assertThat(Checks.channel(tenMetres, r1.judgingBy("gone from the plan")))
                .extracting(finding -> finding.kind().code())
                .containsExactly("talk-outside-licence");
    }

    /** A tone to send on a channel that never talks is doubted, unless only the licence keeps it from talking. */
    @Test
    void aToneThatIsNeverSentIsDoubtedWhereTalkingIsAllowed() {
        BandPlan r1 = BandPlans.shipped().find("r1-europe").orElseThrow();
        Channel heard = Channel.of(Frequency.parse("29.640"), new Talk.Never())
                .withTones(CtcssTone.ofTenthsHertz(719), NoTone.NONE);
        assertThat(Checks.channel(heard, r1))
                .extracting(finding -> finding.kind().code())
                .containsExactly("tone-never-sent");
        assertThat(Checks.channel(heard, r1.judgingBy("entry"))).isEmpty();
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
