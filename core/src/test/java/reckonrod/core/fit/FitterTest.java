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
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.Fix;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListChange;
import reckonrod.core.list.ListEdit;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.SlotRange;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.radio.RadioModel;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.NoTone;

class FitterTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private final Fitter fitter = new Fitter(model("wrenling-w12"), R2);

    private static RadioModel model(String id) {
        return RadioDefinitions.shipped().find(id).orElseThrow().model();
    }

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

    /** A radio that keeps shifts in steps and codes upright, and one that has a shift size a band and no codes at all. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            kestrow-k31 | 1   | SKARRA 145.310- 71.9      | EXACT    |
            kestrow-k31 | 1   | X 145.350 > 433.475       | EXACT    |
            kestrow-k31 | 1   | AIR 132.800               | EXACT    |
            kestrow-k31 | 0   | SKARRA 145.310- 71.9      | LEFT_OUT | fit-no-slot
            kestrow-k31 | 1   | X 147.135+ D023N/D172N    | EXACT    |
            kestrow-k31 | 1   | X 147.135+ D023I          | ADAPTED  | fit-code-by-another-name
            kestrow-k31 | 1   | X 146.520 low am          | LEFT_OUT | fit-no-such-emission
            kestrow-k31 | 1   | VELLAN HL 146.835-        | ADAPTED  | fit-name-shortened
            kestrow-k31 | 1   | X 223.500 simplex         | LEFT_OUT | fit-does-not-talk-there
            kestrow-k31 | 1   | X 600.000 listen-only     | LEFT_OUT | fit-does-not-listen-there
            orvane-ot9  | 1   | SKARR 145.310- 71.9       | EXACT    |
            orvane-ot9  | 1   | X 145.310- 69.3           | LEFT_OUT | fit-talk-tone-missing
            orvane-ot9  | 1   | X 145.310- T71.9 R69.3    | ADAPTED  | fit-listen-tone-missing
            orvane-ot9  | 1   | X 145.310- D023N          | LEFT_OUT | fit-talk-tone-missing
            orvane-ot9  | 1   | X 146.520 listen-only     | LEFT_OUT | fit-would-talk
            orvane-ot9  | 1   | AIR 132.800               | LEFT_OUT | fit-does-not-listen-there fit-no-such-emission
            orvane-ot9  | 1   | X 145.350 > 145.0125      | LEFT_OUT | fit-shift-no-multiple
            orvane-ot9  | 1   | X 146.520 mid             | ADAPTED  | fit-next-power
            """)
    void everyRadioHasItsOwnReasons(String radio, int slot, String line, FitMark mark, String codes) {
        Placement placement = new Fitter(model(radio), R2).fit(slot, entry(line));
        assertThat(placement.reasons().stream()
                        .map(each -> each.finding().kind().code())
                        .collect(Collectors.joining(" ")))
                .isEqualTo(codes == null ? "" : codes);
        assertThat(placement.mark()).isEqualTo(mark);
        assertThat(placement.place().isPresent()).isEqualTo(mark != FitMark.LEFT_OUT);
    }

    /** One size a band: that which most channels need; the others are left out and told, and the setting is told too. */
    @Test
    void aShiftSizeThatIsSetOnceIsThatOfMostChannels() {
        FitReport report = new Fitter(model("orvane-ot9"), R2)
                .fit(Lists.of(
                        R2,
                        "A 146.520",
                        "B 145.310 -1.0",
                        "C 145.330-",
                        "D 145.350-",
                        "E 441.150+",
                        "F 145.290 -1.0 D023N",
                        "G 145.270 -1.0 D023N"));
        assertThat(report.placements())
                .extracting(each -> each.slot() + " " + each.mark())
                .as("F and G would not go in anyway, so the size is not theirs")
                .containsExactly(
                        "0 LEFT_OUT", "1 LEFT_OUT", "2 EXACT", "3 EXACT", "4 EXACT", "5 LEFT_OUT", "6 LEFT_OUT");
        assertThat(report.placements().get(1).reasons().get(0).why())
                .isEqualTo(
                        "The radio has one shift size when talking on 144.000–148.000 MHz, and most channels of the list"
                                + " need 600 kHz there.");
        assertThat(report.contents().settings())
                .extracting(each -> each.name() + ": " + each.value())
                .containsExactly(
                        "shift when talking on 144.000–148.000 MHz: 600 kHz",
                        "shift when talking on 430.000–450.000 MHz: 5 MHz");
    }

    /** Of the pairs that need a talk frequency of their own, as many go in as there are, by rising slot. */
    @Test
    void talkFrequenciesOfTheirOwnRunOut() {
        String[] lines = java.util.stream.IntStream.range(0, 130)
                .mapToObj(i -> i < 10
                        ? "X 52.525 > 433.405"
                        : "N" + i + " 145." + (200 + 10 * (i % 40)) + " > 433." + (405 + 10 * (i % 50)))
                .toArray(String[]::new);
        FitReport report = new Fitter(model("kestrow-k31"), R2).fit(Lists.of(R2, lines));
        List<Placement> told = report.placements().stream()
                .filter(each -> each.reasons().stream()
                        .anyMatch(reason -> reason.finding().kind().code().equals("fit-no-separate-left")))
                .toList();
        long separate = report.contents().slots().values().stream()
                .filter(slot -> Math.abs(slot.transmit().orElseThrow().hertz()
                                        - slot.receive().hertz())
                                % 50_000
                        != 0)
                .count();
        assertThat(separate).isEqualTo(100);
        assertThat(told)
                .hasSizeGreaterThan(10)
                .allSatisfy(each -> assertThat(each.slot())
                        .isGreaterThan(report.contents().slots().lastKey()));
    }

    @Test
    void aListenOnlyChannelCannotTalkInTheRadio() {
        assertThat(fitter.fit(40, entry("MAR 16 156.800")).content().orElseThrow())
                .satisfies(slot -> assertThat(slot.transmit()).isEmpty());
    }

    /** What a radio hears and cannot talk on is no simplex channel of it. */
    @Test
    void theTransmitRangeCountsForSimplexToo() {
        String yaml = DataFile.resourceText(RadioDefinitions.class, "wrenling-w12.yaml")
                .replaceFirst("(?s)(transmit:\n).*?(    - \\{ mhz: \"400)", "$1$2");
        RadioModel deaf = RadioDefinitions.read("w12.yaml", yaml).model();
        assertThat(deaf.limits().transmitting(reckonrod.core.frequency.Frequency.parse("147.510")))
                .isEmpty();
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
            list = ((ListChange.Changed)
                            new ListEdit.Put(148, List.of(ListEntry.of(UUID.randomUUID(), entry.channel(), line)))
                                    .applyTo(list))
                    .list();
        }
        FitReport report = fitter.fit(list);
        assertThat(report.totals())
                .containsEntry(FitMark.EXACT, 1)
                .containsEntry(FitMark.ADAPTED, 1)
                .containsEntry(FitMark.BY_HAND, 0)
                .containsEntry(FitMark.LEFT_OUT, 2);
        assertThat(report.contents().slots()).containsOnlyKeys(148, 149);
    }

    /** Names that a radio shows as they are stay; two that would look alike are told apart, and the same name twice is not. */
    @Test
    void namesThatWouldLookAlikeAreToldApart() {
        ChannelList list = Lists.of(
                R2,
                "VELLAN HILLTOP 147.510",
                "VELLAN HALLTOP 147.540",
                "\"VLLNHLL\" 147.555",
                "\"LEG 1\" 147.570",
                "\"LEG 1\" 147.450",
                "\"VELLAN HILLTOQ 22\" 147.480",
                "\"VELLAN HILLTOR 22\" 147.420");
        FitReport report = fitter.fit(list);
        List<String> names =
                report.contents().slots().values().stream().map(RadioSlot::name).toList();
        assertThat(names).containsExactly("VLLNHL2", "VLLNHL3", "VLLNHLL", "LEG 1", "LEG 1", "VLLNH22", "VLLNB22");
        assertThat(report.findings()).containsOnlyKeys(0, 1, 6);
        assertThat(report.findings().get(6))
                .extracting(Object::toString)
                .containsExactly(
                        "NOTE name-told-apart: VELLAN HILLTOR 22 shows as VLLNB22 on Wrenling W12, to be told apart from"
                                + " VELLAN HILLTOQ 22.");
    }

    /** Above 5 W a handheld is warned of, and every level that is not above is offered. */
    @Test
    void muchPowerFromAHandheldIsPointedOut() {
        String yaml = DataFile.resourceText(RadioDefinitions.class, "wrenling-w12.yaml");
        RadioModel strong = RadioDefinitions.read("w12.yaml", yaml.replace("watts: \"4\"", "watts: \"8\""))
                .model();
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
        Placement placement = new Fitter(model("wrenling-w12"), r1).fit(0, entry("TALKS 147.135+"));
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

    /** Words that the person abbreviates go onto the display that is too short for them, told apart from each other as ever. */
    @Test
    void wordsOfTheListAreAbbreviatedByItsOwn() {
        ChannelList list = Lists.of(R2, "PINNACLE 1 146.550", "PINNACLE 2 146.580", "TOP 147.510");
        assertThat(shown(list)).containsExactly("PINNCL1", "PINNCL2", "TOP");
        ChannelList own = list.meant(list.intent().abbreviating(java.util.Map.of("Pinnacle", "PNC")));
        assertThat(shown(own)).containsExactly("PNC 1", "PNC 2", "TOP");
    }

    private static List<String> shown(ChannelList list) {
        return new Fitter(model("wrenling-w12"), R2)
                .fit(list).contents().slots().values().stream()
                        .map(RadioSlot::name)
                        .toList();
    }
}
