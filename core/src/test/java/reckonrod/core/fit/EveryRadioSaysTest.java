package reckonrod.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.definition.ShortDefinition;
import reckonrod.core.definition.ShortDefinition.KeptShift;
import reckonrod.core.finding.Finding;
import reckonrod.core.list.ChannelList;
import reckonrod.core.radio.Kind;
import reckonrod.core.radio.RadioSetting;

/** One list of awkward channels, and all that each radio makes of it: what is not named goes in as it is. */
class EveryRadioSaysTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

    private static final ChannelList LIST = Lists.of(
            R2,
            "Unheld 146.505",
            "Alpha 145.310- 71.9",
            "Bravo 146.520 nfm",
            "Air 118.825 am",
            "Codes 146.940- D023N R D047I",
            "Waits 147.135+ 71.9 R100.0",
            "Cross 145.350 > 446.475",
            "Odd 441.150+ 69.3",
            "Nine 927.500-",
            "Fine 446.00625",
            "Sends 146.940- 150.0",
            "Two 223.500",
            "Six 52.525- 100.0",
            "Family 462.5625",
            "Rare code 146.940- D053N",
            "Far 146.940-1.6",
            "Near 145.310-0.1",
            "Upper Skarra Tower 146.550 mid",
            "Pair 146.500 > 147.5",
            "Hears 162.400",
            "Same 442.5+ D023N R D023N",
            "Past 146.520 > 150.0",
            "Slip 146.521");

    private static final Map<String, String> SAID = said("""
            Dunnet D7
              Unheld LEFT_OUT: no-slot 0
              Air LEFT_OUT: does-not-listen-there 118.825 MHz, no-such-emission AM
              Nine LEFT_OUT: does-not-listen-there 927.500 MHz, does-not-talk-there 902.500 MHz
              Sends LEFT_OUT: talk-tone-missing CTCSS 150.0
              Six LEFT_OUT: does-not-listen-there 52.525 MHz, does-not-talk-there 52.025 MHz
              Family LEFT_OUT: does-not-listen-there 462.5625 MHz
              Upper Skarra Tower ADAPTED: name-shortened Upper Skarra Tower → Up SkarraTwr
              Hears LEFT_OUT: does-not-listen-there 162.400 MHz
              Slip LEFT_OUT: off-step 146.521 MHz
            Halden One
              Unheld ADAPTED: name-shortened Unheld
              Alpha ADAPTED: name-shortened Alpha
              Bravo ADAPTED: wide-instead NFM → FM, name-shortened Bravo
              Air LEFT_OUT: does-not-listen-there 118.825 MHz, no-such-emission AM
              Codes LEFT_OUT: talk-tone-missing DCS 023 N
              Waits ADAPTED: name-shortened Waits
              Cross ADAPTED: name-shortened Cross
              Odd LEFT_OUT: talk-tone-missing CTCSS 69.3
              Nine LEFT_OUT: does-not-listen-there 927.500 MHz, does-not-talk-there 902.500 MHz
              Fine ADAPTED: name-shortened Fine
              Sends LEFT_OUT: talk-tone-missing CTCSS 150.0
              Two LEFT_OUT: does-not-listen-there 223.500 MHz, does-not-talk-there 223.500 MHz
              Six LEFT_OUT: does-not-listen-there 52.525 MHz, does-not-talk-there 52.025 MHz
              Family LEFT_OUT: does-not-listen-there 462.5625 MHz
              Rare code LEFT_OUT: talk-tone-missing DCS 053 N
              Far ADAPTED: name-shortened Far
              Near ADAPTED: name-shortened Near
              Upper Skarra Tower ADAPTED: name-shortened Upper Skarra Tower, higher-power mid → high, 5 W
              Pair ADAPTED: name-shortened Pair
              Hears LEFT_OUT: does-not-listen-there 162.400 MHz
              Same LEFT_OUT: talk-tone-missing DCS 023 N
              Past LEFT_OUT: no-slot 21, would-talk listen only
              Slip LEFT_OUT: no-slot 22, off-step 146.521 MHz
            Halden Three
              Air LEFT_OUT: does-not-listen-there 118.825 MHz, no-such-emission AM
              Cross LEFT_OUT: shift-no-multiple +301.125 MHz
              Nine LEFT_OUT: does-not-listen-there 927.500 MHz, does-not-talk-there 902.500 MHz
              Two LEFT_OUT: does-not-listen-there 223.500 MHz, does-not-talk-there 223.500 MHz
              Six LEFT_OUT: does-not-listen-there 52.525 MHz, does-not-talk-there 52.025 MHz
              Family LEFT_OUT: does-not-listen-there 462.5625 MHz
              Far LEFT_OUT: other-shift-size −1.600 MHz
              Near LEFT_OUT: other-shift-size −0.100 MHz
              Upper Skarra Tower ADAPTED: name-shortened Upper Skarra Tower → Upper Skarra Twr
              Pair LEFT_OUT: other-shift-size +1.000 MHz
              Hears LEFT_OUT: does-not-listen-there 162.400 MHz
              Past LEFT_OUT: would-talk listen only
              Slip LEFT_OUT: off-step 146.521 MHz
              shift when talking on 144.000–148.000 MHz: 600 kHz
              shift when talking on 430.000–450.000 MHz: 5 MHz
            Halden Two
              Bravo ADAPTED: wide-instead NFM → FM
              Codes ADAPTED: code-by-another-name DCS 047 I → DCS 023 N
              Cross LEFT_OUT: shift-no-multiple +301.125 MHz
              Nine LEFT_OUT: does-not-listen-there 927.500 MHz, does-not-talk-there 902.500 MHz
              Sends LEFT_OUT: talk-tone-missing CTCSS 150.0
              Two LEFT_OUT: does-not-listen-there 223.500 MHz, does-not-talk-there 223.500 MHz
              Six LEFT_OUT: does-not-listen-there 52.525 MHz, does-not-talk-there 52.025 MHz
              Family ADAPTED: wide-instead NFM → FM
              Rare code LEFT_OUT: talk-tone-missing DCS 053 N
              Upper Skarra Tower ADAPTED: name-shortened Upper Skarra Tower → UPSKRR, next-power mid → low, 5 W
              Slip LEFT_OUT: off-step 146.521 MHz
            Kestrow K31
              Unheld LEFT_OUT: no-slot 0
              Codes ADAPTED: code-by-another-name DCS 047 I → DCS 023 N
              Nine LEFT_OUT: does-not-talk-there 902.500 MHz
              Sends LEFT_OUT: talk-tone-missing CTCSS 150.0
              Two LEFT_OUT: does-not-talk-there 223.500 MHz
              Six LEFT_OUT: does-not-listen-there 52.525 MHz, does-not-talk-there 52.025 MHz
              Rare code ADAPTED: name-shortened Rare code → RARECD
              Upper Skarra Tower ADAPTED: name-shortened Upper Skarra Tower → UPSKRR
              Slip LEFT_OUT: off-step 146.521 MHz
            Kestrow KM90
              Cross LEFT_OUT: shift-no-multiple +301.125 MHz
              Nine LEFT_OUT: does-not-talk-there 902.500 MHz
              Two LEFT_OUT: does-not-talk-there 223.500 MHz
              Six LEFT_OUT: does-not-listen-there 52.525 MHz, does-not-talk-there 52.025 MHz
              Upper Skarra Tower ADAPTED: name-shortened Upper Skarra Tower → Upper Skarra Twr
              Slip LEFT_OUT: off-step 146.521 MHz
            Orvane OT9
              Unheld LEFT_OUT: no-slot 0
              Air LEFT_OUT: does-not-listen-there 118.825 MHz, no-such-emission AM
              Codes LEFT_OUT: talk-tone-missing DCS 023 N
              Cross LEFT_OUT: shift-no-multiple +301.125 MHz
              Odd LEFT_OUT: talk-tone-missing CTCSS 69.3
              Nine LEFT_OUT: does-not-listen-there 927.500 MHz, does-not-talk-there 902.500 MHz
              Sends LEFT_OUT: talk-tone-missing CTCSS 150.0
              Two LEFT_OUT: does-not-listen-there 223.500 MHz, does-not-talk-there 223.500 MHz
              Six LEFT_OUT: does-not-listen-there 52.525 MHz, does-not-talk-there 52.025 MHz
              Family LEFT_OUT: does-not-listen-there 462.5625 MHz
              Rare code LEFT_OUT: talk-tone-missing DCS 053 N
              Far LEFT_OUT: other-shift-size −1.600 MHz
              Near LEFT_OUT: other-shift-size −0.100 MHz
              Upper Skarra Tower ADAPTED: name-shortened Upper Skarra Tower → UPSKR, next-power mid → low, 0.5 W
              Pair LEFT_OUT: other-shift-size +1.000 MHz
              Hears LEFT_OUT: does-not-listen-there 162.400 MHz
              Same LEFT_OUT: talk-tone-missing DCS 023 N
              Past LEFT_OUT: would-talk listen only
              Slip LEFT_OUT: off-step 146.521 MHz
              shift when talking on 144.000–148.000 MHz: 600 kHz
            Orvane OV62
              Codes ADAPTED: code-by-another-name DCS 047 I → DCS 023 N
              Cross LEFT_OUT: other-band 446.475 MHz
              Nine LEFT_OUT: does-not-listen-there 927.500 MHz, does-not-talk-there 902.500 MHz
              Sends LEFT_OUT: talk-tone-missing CTCSS 150.0
              Two LEFT_OUT: does-not-listen-there 223.500 MHz, does-not-talk-there 223.500 MHz
              Six LEFT_OUT: does-not-listen-there 52.525 MHz, does-not-talk-there 52.025 MHz
              Rare code ADAPTED: name-shortened Rare code → Rarecd
              Upper Skarra Tower ADAPTED: name-shortened Upper Skarra Tower → UpSkrr
              Slip LEFT_OUT: off-step 146.521 MHz
            Wrenling W12
              Air LEFT_OUT: does-not-listen-there 118.825 MHz, no-such-emission AM
              Nine LEFT_OUT: does-not-listen-there 927.500 MHz, does-not-talk-there 902.500 MHz
              Sends LEFT_OUT: talk-tone-missing CTCSS 150.0
              Two LEFT_OUT: does-not-listen-there 223.500 MHz, does-not-talk-there 223.500 MHz
              Six LEFT_OUT: does-not-listen-there 52.525 MHz, does-not-talk-there 52.025 MHz
              Rare code LEFT_OUT: talk-tone-missing DCS 053 N
              Upper Skarra Tower ADAPTED: name-shortened Upper Skarra Tower → UPSKRRT, next-power mid → low, 1 W
              Slip LEFT_OUT: off-step 146.521 MHz
            Wrenling W40
              Unheld LEFT_OUT: no-slot 0
              Air BY_HAND: emission-by-hand AM → FM
              Nine LEFT_OUT: does-not-listen-there 927.500 MHz, does-not-talk-there 902.500 MHz
              Sends LEFT_OUT: talk-tone-missing CTCSS 150.0
              Two LEFT_OUT: does-not-listen-there 223.500 MHz, does-not-talk-there 223.500 MHz
              Six LEFT_OUT: does-not-listen-there 52.525 MHz, does-not-talk-there 52.025 MHz
              Upper Skarra Tower ADAPTED: name-shortened Upper Skarra Tower → UpSkarrTwr
              Slip LEFT_OUT: off-step 146.521 MHz
            """);

    private static Map<String, String> said(String text) {
        Map<String, String> said = new LinkedHashMap<>();
        Arrays.stream(text.split("\n(?! )"))
                .forEach(each -> said.put(each.lines().findFirst().orElseThrow(), each.strip()));
        return said;
    }

    /** Those that ship, and some that their owners told from the manual. */
    static Stream<RadioDefinition> radios() {
        return Stream.concat(
                RadioDefinitions.shipped().all().stream(),
                Stream.of(
                                // A plain one: no names, no codes, no narrow FM, and it talks wherever it listens.
                                told("One", 20, 0, "144-148, 430-450", false, 38, 0, "5", KeptShift.ANY_PAIR, false),
                                // One that hears more than it talks on, and has a shift for each slot.
                                told(
                                        "Two",
                                        99,
                                        6,
                                        "136-174, 400-480",
                                        false,
                                        50,
                                        83,
                                        "50, 5",
                                        KeptShift.SIZE_FOR_EACH_SLOT,
                                        true),
                                // One size of the shift for each band.
                                told(
                                        "Three",
                                        99,
                                        16,
                                        "144-148, 430-450",
                                        true,
                                        51,
                                        104,
                                        "5, 2, 1",
                                        KeptShift.ONE_SIZE_A_BAND,
                                        false))
                        .map(each -> RadioDefinitions.readNew("told.yaml", each.yaml())));
    }

    private static ShortDefinition told(
            String model,
            int last,
            int name,
            String stretches,
            boolean narrow,
            int ctcss,
            int dcs,
            String watts,
            KeptShift shift,
            boolean listenOnly) {
        List<String> both = ShortDefinition.stretches(stretches);
        return new ShortDefinition(
                "Halden",
                model,
                Kind.HANDHELD,
                0,
                last,
                name,
                narrow,
                both,
                both,
                listenOnly ? List.of("118-135.995") : List.of(),
                narrow,
                ctcss,
                dcs,
                narrow,
                ShortDefinition.powers(watts),
                shift,
                0,
                listenOnly);
    }

    @ParameterizedTest
    @MethodSource("radios")
    void allThatItMakesOfTheListIsSaid(RadioDefinition radio) {
        FitReport report = new Fitter(radio.model(), R2).fit(LIST);
        Stream<String> channels = report.placements().stream()
                .filter(each -> !each.reasons().isEmpty())
                .map(each -> "  " + each.entry().channel().name() + " " + each.mark() + ": "
                        + each.reasons().stream().map(EveryRadioSaysTest::said).collect(Collectors.joining(", ")));
        Stream<String> once = report.settings().stream().map(each -> "  " + each.name() + ": " + each.value());
        assertThat(Stream.of(Stream.of(radio.title()), channels, once)
                        .flatMap(each -> each)
                        .collect(Collectors.joining("\n")))
                .isEqualTo(SAID.get(radio.title()));
        assertThat(report.placements())
                .allSatisfy(each -> assertThat(each.content().isEmpty())
                        .as(each.entry().channel().name())
                        .isEqualTo(each.mark() == FitMark.LEFT_OUT));
    }

    private static String said(FitReason reason) {
        return reason.finding().kind().code().substring("fit-".length()) + " " + reason.before()
                + (reason.after().isEmpty() ? "" : " → " + reason.after());
    }

    /** Where all that need a size are left out for their tones, it is not the size that is to blame. */
    @Test
    void aSizeThatNobodyNeedsIsNoReason() {
        RadioDefinition radio = RadioDefinitions.shipped().find("orvane-ot9").orElseThrow();
        FitReport report =
                new Fitter(radio.model(), R2).fit(Lists.of(R2, "X 146.520", "A 441.150+ 69.3", "B 442.100+"));
        assertThat(report.placements().get(1).reasons())
                .extracting(each -> each.finding().kind())
                .containsExactly(ToneConcern.CANNOT_SEND);
        assertThat(report.placements().get(2).reasons()).isEmpty();
        assertThat(report.settings()).extracting(each -> each.value()).containsExactly("5 MHz");
    }

    /** What is outside the talk windows of the list's plan listens only, in every radio that can be kept from talking. */
    @Test
    void outsideTheTalkWindowsNothingTalks() {
        BandPlan r1 = BandPlans.shipped().find("r1-europe").orElseThrow();
        RadioDefinition w12 = RadioDefinitions.shipped().find("wrenling-w12").orElseThrow();
        FitReport report = new Fitter(w12.model(), r1).fit(Lists.of(R2, "Upper 147.500", "Lower 145.500"));
        Placement upper = report.placements().get(0);
        assertThat(upper.reasons())
                .extracting(each -> each.finding().kind() + " " + each.before() + " → " + each.after())
                .containsExactly(TalkWindowConcern.OUTSIDE + " 147.500 MHz → listen only");
        assertThat(upper.content().orElseThrow().transmit()).isEmpty();
        assertThat(report.placements().get(1).content().orElseThrow().transmit())
                .isPresent();
    }

    /** What the person has otherwise, and a block that the list has no more. */
    @Test
    void whatIsOnPurposeIsToldAsThat() {
        RadioDefinition d7 = RadioDefinitions.shipped().find("dunnet-d7").orElseThrow();
        Carrying carrying = new Carrying(
                new Carrying.Places.Moved(1),
                Map.of("RACE", new Carrying.Into.From(40)),
                Map.of(new UUID(0, 0), new Carrying.Overrule(true, false, Optional.empty(), Optional.empty())));
        FitReport report = new Fitter(d7.model(), R2, carrying).fit(Lists.of(R2, "A 146.520", "B 146.550"));
        assertThat(report.placements().get(0).reasons())
                .extracting(FitReason::why)
                .containsExactly("You left it out of this radio.");
        assertThat(report.wide())
                .extracting(Finding::message)
                .containsExactly(
                        "For a block RACE this radio has a place of its own, and this list has no such block.");
        assertThat(report.findings().get(1))
                .extracting(Finding::message)
                .containsExactly("Dunnet D7 sends 6 W here, more than 5 W from a handheld near the head.");
        assertThat(report.findings().get(1).get(0).fixes())
                .extracting(fix -> fix.label())
                .as("weaker ones")
                .isNotEmpty()
                .allMatch(each -> each.matches("Use (mid|low), [0-5](\\.\\d+)? W"));
    }

    /** A setting with which right channels fail is told with what is advised; one that is unknown, or as advised, is not. */
    @Test
    void aSettingThatFailsIsTold() {
        for (RadioSetting setting :
                RadioDefinitions.shipped().find("wrenling-w12").orElseThrow().settings()) {
            for (String value : setting.values()) {
                assertThat(SettingChecks.of(Map.of(setting, Optional.of(value))))
                        .as(setting.name() + " at " + value)
                        .hasSize(setting.fails().contains(value) ? 1 : 0)
                        .allSatisfy(each -> assertThat(each.message())
                                .containsIgnoringCase(setting.name() + " of this radio was " + value)
                                .endsWith(setting.advised() + " is advised."));
            }
            assertThat(SettingChecks.of(Map.of(setting, Optional.empty()))).isEmpty();
        }
    }

    /** Every sentence can be said, with what would avoid it. */
    @Test
    void noSentenceHasAHole() {
        assertThat(radios().flatMap(radio -> new Fitter(radio.model(), R2).fit(LIST).placements().stream())
                        .flatMap(each -> each.reasons().stream())
                        .flatMap(each -> Stream.of(each.why(), each.avoid())))
                .isNotEmpty()
                .allMatch(each -> each.matches("[A-Z].*\\.") && !each.contains("{") && !each.contains("null"));
    }
}
