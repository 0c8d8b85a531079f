package reckonrod.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.Fix;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListChange;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.SlotRange;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.radio.RadioDefinition;
import reckonrod.core.radio.RadioDefinitions;
import reckonrod.core.tone.NoTone;

class FitterTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private final Fitter fitter =
            new Fitter(RadioDefinitions.shipped().find("wrenling-w12").orElseThrow(), R2);

    private static ListEntry entry(String line) {
        return ListEntry.of(new UUID(0, 1), Reckoner.reckon(line, R2).channel().orElseThrow(), line);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            4   | SKARRA 145.310- 71.9        | EXACT    |
            4   | 146.520                     | EXACT    |
            4   | FERRY X 145.350 > 433.475   | EXACT    |
            40  | MAR 16 156.800              | EXACT    |
            4   | Skarra 145.310-             | EXACT    |
            4   | X 147.510 listen-only T150.0 | EXACT   |
            4   | VELLAN HL 146.835- D023N    | ADAPTED  | NAME VELLAN HL > VELLNHL
            4   | PELL 147.135+ mid           | ADAPTED  | POWER mid > low, 1 W
            4   | Pell 147.135+ mid R D172N T71.9 | ADAPTED | POWER mid > low, 1 W
            4   | X 147.135+ T71.9 RD036N     | ADAPTED  | LISTEN_TONE DCS 036 N > DCS 172 I
            4   | X 147.135+ D036N            | ADAPTED  | TALK_TONE DCS 036 N > DCS 172 I
            4   | X 147.135+ T71.9 R150.0     | ADAPTED  | LISTEN_TONE CTCSS 150.0 > none
            4   | X 147.135+ T150.0           | LEFT_OUT | TALK_TONE CTCSS 150.0 >
            41  | AIR 132.800                 | LEFT_OUT | RECEIVE 132.800 MHz >; EMISSION AM >
            4   | X 147.1333+                 | LEFT_OUT | RECEIVE 147.1333 MHz >; TRANSMIT 147.7333 MHz >
            150 | SKARRA 145.310- 71.9        | LEFT_OUT | SLOT 150 >
            """)
    void saysWhatBecomesOfAChannelAndWhy(int slot, String line, FitMark mark, String reasons) {
        Placement placement = fitter.fit(slot, entry(line));
        assertThat(placement.mark()).isEqualTo(mark);
        assertThat(placement.reasons().stream()
                        .map(reason -> (reason.field() + " " + reason.before() + " > " + reason.after()).strip())
                        .collect(Collectors.joining("; ")))
                .isEqualTo(reasons == null ? "" : reasons);
        assertThat(placement.content().isPresent()).isEqualTo(mark != FitMark.LEFT_OUT);
        assertThat(placement.reasons())
                .allSatisfy(reason -> assertThat(reason.avoid()).isNotBlank());
    }

    @Test
    void aListenOnlyChannelCannotTalkInTheRadio() {
        assertThat(fitter.fit(40, entry("MAR 16 156.800")).content().orElseThrow())
                .satisfies(slot -> {
                    assertThat(slot.transmit()).isEmpty();
                    assertThat(slot.scan()).isFalse();
                });
    }

    /** What a radio hears and cannot talk on is no simplex channel of it. */
    @Test
    void theTransmitRangeCountsForSimplexToo() {
        String yaml = DataFile.resourceText(RadioDefinitions.class, "wrenling-w12.yaml")
                .replace("transmit_mhz: [\"136-174\", \"400-480\"]", "transmit_mhz: [\"400-480\"]");
        RadioDefinition deaf = RadioDefinitions.read("w12.yaml", yaml);
        assertThat(deaf.limits().transmits(reckonrod.core.frequency.Frequency.parse("147.510")))
                .isFalse();
        Placement placement = new Fitter(deaf, R2).fit(4, entry("X 147.510 simplex"));
        assertThat(placement.mark()).isEqualTo(FitMark.LEFT_OUT);
        assertThat(placement.reasons())
                .singleElement()
                .satisfies(
                        reason -> assertThat(reason.why()).isEqualTo("The radio only talks on 400.000–480.000 MHz."));
        assertThat(new Fitter(deaf, R2).fit(4, entry("X 147.510 listen-only")).mark())
                .isEqualTo(FitMark.EXACT);
    }

    @Test
    void everyEntryIsCounted() {
        ChannelList list = ChannelList.empty("x", R2.id(), new SlotRange(0, 199));
        for (String line : List.of("A 146.520", "Bb 146.550 mid", "C 132.8", "D 147.555")) {
            ListEntry entry = entry(line);
            list = ((ListChange.Changed) list.put(148, ListEntry.of(UUID.randomUUID(), entry.channel(), line))).list();
        }
        FitReport report = fitter.fit(list);
        assertThat(report.totals())
                .containsEntry(FitMark.EXACT, 1)
                .containsEntry(FitMark.ADAPTED, 1)
                .containsEntry(FitMark.BY_HAND, 0)
                .containsEntry(FitMark.LEFT_OUT, 2);
        assertThat(report.contents()).containsOnlyKeys(148, 149);
    }

    @Test
    void namesThatLookAlikeAfterShorteningAreFound() {
        FitReport report = fitter.fit(
                Lists.of(R2, "VELLAN HILL 147.510", "VELLAN HALL 147.540", "LEG 1 147.570", "LEG 1 147.450"));
        assertThat(report.findings()).containsOnlyKeys(1);
        assertThat(report.findings().get(1))
                .extracting(Object::toString)
                .containsExactly(
                        "DOUBT name-clash-after-shortening: VELLAN HALL and VELLAN HILL in slot 0 both show as "
                                + report.contents().get(0).name() + " on Wrenling W12.");
    }

    /** Above 5 W a handheld is warned of, and every level that is not above is offered. */
    @Test
    void muchPowerFromAHandheldIsPointedOut() {
        String yaml = DataFile.resourceText(RadioDefinitions.class, "wrenling-w12.yaml");
        RadioDefinition strong = RadioDefinitions.read("w12.yaml", yaml.replace("watts: \"4\"", "watts: \"8\""));
        FitReport report = new Fitter(strong, R2).fit(Lists.of(R2, "A 147.510", "B 147.540 low", "C 156.800"));
        assertThat(report.findings()).containsOnlyKeys(0);
        Finding finding = report.findings().get(0).get(0);
        assertThat(finding.message()).contains("sends 8 W here");
        assertThat(finding.fixes()).extracting(Fix::label).containsExactly("Use low, 1 W");
    }

    /** Outside the talk windows the radio gets the channel without its talk frequency, whatever the list says. */
    @Test
    void whatIsOutsideTheTalkWindowsNeverTalks() {
        BandPlan r1 = BandPlans.shipped().find("r1-europe").orElseThrow();
        Placement placement = new Fitter(
                        RadioDefinitions.shipped().find("wrenling-w12").orElseThrow(), r1)
                .fit(0, entry("TALKS 147.135+"));
        assertThat(placement.mark()).isEqualTo(FitMark.ADAPTED);
        assertThat(placement.content().orElseThrow().transmit()).isEmpty();
        assertThat(placement.reasons())
                .extracting(FitReason::before, FitReason::after)
                .contains(org.assertj.core.groups.Tuple.tuple("147.735 MHz", "listen only"));
    }

    @Test
    void aReversedListenToneIsLeftOffWhereTheRadioHasNone() {
        Placement placement = fitter.fit(0, entry("A 145.310- REV71.9"));
        assertThat(placement.mark()).isEqualTo(FitMark.ADAPTED);
        assertThat(placement.content().orElseThrow().listenTone()).isEqualTo(NoTone.NONE);
    }
}
