package reckonrod.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.bandplan.ShiftRule;
import reckonrod.core.channel.Channel;
import reckonrod.core.finding.Severity;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;
import reckonrod.core.tone.ToneTable;

/** Every tone, every code and every repeater output of every plan, in every way that people write figures. */
class WritingsTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

    /** It is a frequency of 2 m as well: it may be asked about. */
    private static final CtcssTone TONE_IN_BAND = CtcssTone.parse("146.2");

    static List<BandPlan> plans() {
        return List.copyOf(BandPlans.shipped().all());
    }

    private static boolean isDoubted(WorkedAnswer answer) {
        return answer.findings().stream().anyMatch(each -> each.kind().severity() != Severity.NOTE);
    }

    private static void assertTones(String line, Tone talk, Tone listen) {
        WorkedAnswer answer = Reckoner.reckon(line, R2);
        Channel channel = answer.channel().orElseThrow(() -> new AssertionError(line));
        if (talk.equals(TONE_IN_BAND) && !channel.talkTone().equals(talk)) {
            assertThat(isDoubted(answer)).as(line).isTrue();
            return;
        }
        assertThat(channel.talkTone()).as("talk tone of %s", line).isEqualTo(talk);
        assertThat(channel.listenTone()).as("listen tone of %s", line).isEqualTo(listen);
        assertThat(channel.receive().toMegahertzText()).as(line).isEqualTo("441.150");
        assertThat(channel.transmit().map(Frequency::toMegahertzText)).as(line).contains("446.150");
    }

    private static String plain(CtcssTone tone) {
        return new BigDecimal(tone.tenthsHertz())
                .movePointLeft(1)
                .stripTrailingZeros()
                .toPlainString();
    }

    @Test
    void everyToneIsReadOnTheSideThatTheLineSays() {
        for (CtcssTone tone : ToneTable.EXTENDED.ctcss()) {
            String hertz = tone.toHertzText();
            List<String> figures = List.of(
                    hertz, hertz.replace('.', ','), hertz + "0", hertz + "Hz", hertz + " Hz", plain(tone) + " Hz");
            for (String figure : figures) {
                assertTones("441.150+ " + figure, tone, NoTone.NONE);
                assertTones(figure + " 441.150+", tone, NoTone.NONE);
                assertTones("441.150+ ctcss: " + figure, tone, NoTone.NONE);
                assertTones("441.150+ (" + figure + ")", tone, NoTone.NONE);
                assertTones("441.150+ T " + figure + " R " + figure, tone, tone);
                assertTones("441.150+ rx tone " + figure, NoTone.NONE, tone);
                assertTones("441.150+ decode " + figure + " encode 100.0", CtcssTone.parse("100.0"), tone);
                assertTones("441.150+ 100.0 / " + figure, CtcssTone.parse("100.0"), tone);
            }
        }
    }

    /** A tone without its decimals is that tone or is told; it never becomes another. */
    @Test
    void aToneInWholeHertzIsNeverAnotherInSilence() {
        for (CtcssTone tone : ToneTable.EXTENDED.ctcss()) {
            String whole = String.valueOf(tone.tenthsHertz() / 10);
            for (String line : List.of("441.150+ " + whole, "441.150+ T" + whole, "441.150+ tone " + whole)) {
                WorkedAnswer answer = Reckoner.reckon(line, R2);
                boolean right = answer.channel().map(Channel::talkTone).equals(Optional.<Tone>of(tone));
                boolean exact = tone.tenthsHertz() % 10 == 0;
                assertThat(right && exact || isDoubted(answer)).as(line).isTrue();
            }
        }
    }

    @Test
    void everyCodeIsReadWithItsPolarity() {
        for (DcsCode code : ToneTable.EXTENDED.dcs()) {
            String digits = code.toOctalText();
            for (String upright : List.of("D%s", "D%sN", "DCS %s", "dcs-%s", "DCS%sN", "%sN", "DPL %s", "code: D%s")) {
                if (!upright.startsWith("code")) {
                    assertTones("441.150+ " + String.format(upright, digits), code, NoTone.NONE);
                }
            }
            for (String inverted :
                    List.of("D%sI", "DCS %s I", "DCS %s inverted", "%sI", "D%s inv", "dcs: %s inverted")) {
                assertTones("441.150+ " + String.format(inverted, digits), code.inverted(), NoTone.NONE);
            }
            assertTones("441.150+ TD" + digits + "N RD" + digits + "I", code, code.inverted());
        }
    }

    /** Each rule of each plan at its first, its last and a middle output: the sign alone, with its size, and as a pair. */
    @ParameterizedTest
    @MethodSource("plans")
    void everyShiftOfEveryPlanIsReadInEveryWriting(BandPlan plan) {
        for (Band band : plan.bands()) {
            for (ShiftRule rule : band.shiftRules()) {
                long lower = rule.outputs().lower().hertz();
                long upper = rule.outputs().upper().hertz();
                for (long output : List.of(lower, upper, (lower + upper) / 2 / 100_000 * 100_000)) {
                    if (rule.outputs().contains(Frequency.ofHertz(output))) {
                        readsEveryWriting(plan, rule, Frequency.ofHertz(output));
                    }
                }
            }
        }
    }

    private static void readsEveryWriting(BandPlan plan, ShiftRule rule, Frequency output) {
        long shift = rule.shift().hertz();
        Frequency input = Frequency.ofHertz(output.hertz() + shift);
        String sign = shift < 0 ? "-" : "+";
        String megahertz = new BigDecimal(Math.abs(shift))
                .movePointLeft(6)
                .stripTrailingZeros()
                .toPlainString();
        String kilohertz = String.valueOf(Math.abs(shift) / 1_000);
        String listen = output.toMegahertzText();
        String talk = input.toMegahertzText();
        List<String> lines = new ArrayList<>(List.of(
                listen + " " + sign + megahertz,
                listen + sign + megahertz + " MHz",
                listen + " MHz " + sign + " " + megahertz + " MHz",
                listen + " " + sign + kilohertz + " kHz",
                listen + " shift " + sign + megahertz,
                listen + " offset " + (shift < 0 ? "minus " : "plus ") + megahertz,
                sign + megahertz + " " + listen,
                listen.replace('.', ',') + " " + sign + megahertz.replace('.', ','),
                listen + " " + talk,
                listen + "/" + talk,
                "rx " + listen + " tx " + talk,
                "tx " + talk + " rx " + listen,
                talk + " in " + listen + " out",
                "output " + listen + " input " + talk,
                listen + " > " + talk,
                "RX:" + listen + ",TX:" + talk));
        if (plan.bandAt(output)
                .orElseThrow()
                .ruleFor(output, shift < 0 ? -1 : 1)
                .equals(Optional.of(rule))) {
            lines.addAll(
                    List.of(listen + sign, listen + " (" + sign + ")", "SKARRA " + listen + " " + sign + " 100.0 Hz"));
        }
        for (String line : lines) {
            WorkedAnswer answer = Reckoner.reckon(line, plan);
            boolean right = answer.channel().map(Channel::receive).equals(Optional.of(output))
                    && answer.channel().flatMap(Channel::transmit).equals(Optional.of(input));
            // Where the input lies outside the licence's windows there is no talk frequency, and that is told.
            assertThat(right || isDoubted(answer))
                    .as("%s: %s is %s", plan.id(), line, answer.channel())
                    .isTrue();
            assertThat(answer.channel().map(Channel::receive)).as(line).contains(output);
            if (plan.mayTalk(input)) {
                assertThat(right)
                        .as("%s: %s is %s", plan.id(), line, answer.channel())
                        .isTrue();
            }
        }
    }

    /** The same frequency in megahertz, kilohertz and hertz, with either decimal mark and with digits in groups. */
    @ParameterizedTest
    @MethodSource("plans")
    void everyCallingFrequencyIsReadInEveryUnit(BandPlan plan) {
        for (Band band : plan.bands()) {
            for (Frequency calling : band.calling()) {
                BigDecimal hertz = new BigDecimal(calling.hertz());
                String megahertz = hertz.movePointLeft(6).stripTrailingZeros().toPlainString();
                String kilohertz = hertz.movePointLeft(3).stripTrailingZeros().toPlainString();
                for (String figure : List.of(
                        calling.toMegahertzText(),
                        calling.toMegahertzText() + "MHz",
                        megahertz.replace('.', ',') + " MHz",
                        kilohertz + " kHz",
                        kilohertz + "kHz",
                        calling.hertz() + " Hz",
                        String.format(Locale.ROOT, "%.6f", hertz.movePointLeft(6)),
                        hertz.movePointLeft(9).toPlainString() + " GHz")) {
                    WorkedAnswer answer = Reckoner.reckon(figure + " simplex", plan);
                    assertThat(answer.channel().map(Channel::receive))
                            .as("%s: %s", plan.id(), figure)
                            .contains(calling);
                }
            }
        }
    }

    /** A figure that lies in no band and no service is refused, and never bent into one that does. */
    @ParameterizedTest
    @ValueSource(strings = {"155.000", "175.250", "250.000", "300.1", "470.125", "700.0", "2000.5"})
    void whatLiesNowhereIsToldWhateverStandsBesides(String figure) {
        for (String line :
                List.of(figure, figure + "-", figure + " 71.9 SKARRA", figure + " simplex", "rx " + figure)) {
            WorkedAnswer answer = Reckoner.reckon(line, R2);
            assertThat(answer.channel().isEmpty() || isDoubted(answer)).as(line).isTrue();
        }
    }
}
