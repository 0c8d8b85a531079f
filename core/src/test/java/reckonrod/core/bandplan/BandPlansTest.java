package reckonrod.core.bandplan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.datafile.DataFileException;
import reckonrod.core.frequency.Frequency;

class BandPlansTest {
    @ParameterizedTest
    @CsvSource({
        "r2-north-america, 145.200, -600000",
        "r2-north-america, 145.495, -600000",
        "r2-north-america, 146.995, -600000",
        "r2-north-america, 147.015, 600000",
        "r2-north-america, 442.000, 5000000",
        "r2-north-america, 448.275, -5000000",
        "r1-europe, 145.7935, -600000",
        "r1-europe, 438.650, -7600000",
        "r1-europe, 439.900, -9400000",
        "r2-north-america, 29.640, -100000",
        "r2-north-america, 51.980, -500000",
        "r2-north-america, 223.850, -1600000",
        "r2-north-america, 927.500, -25000000",
        "r2-north-america, 1285.000, -12000000",
        "r1-united-kingdom, 433.375, 1600000",
        "r1-united-kingdom, 430.825, 7600000",
        "r1-united-kingdom, 1297.000, -6000000",
        "r1-united-kingdom, 145.750, -600000",
        "r3-australia, 146.999, -600000",
        "r3-australia, 147.400, 600000",
    })
    void outputsShiftAsTheRegionDoes(String plan, String output, long shiftHertz) {
        assertThat(rules(plan, output)).extracting(rule -> rule.shift().hertz()).containsExactly(shiftHertz);
    }

    @Test
    void an147MegahertzOutputIsALocalOptionOfEitherSign() {
        assertThat(rules("r2-north-america", "147.000"))
                .extracting(rule -> rule.shift().hertz())
                .containsExactlyInAnyOrder(600_000L, -600_000L);
    }

    @ParameterizedTest
    @CsvSource({"r2-north-america, 53.010, -500000, -1000000", "r3-australia, 438.525, -5000000, -7000000"})
    void whereAreasDifferTheLocalOptionsAreAllThere(String plan, String output, long first, long second) {
        assertThat(rules(plan, output))
                .extracting(rule -> rule.shift().hertz())
                .containsExactlyInAnyOrder(first, second);
    }

    private static List<ShiftRule> rules(String plan, String output) {
        Frequency frequency = Frequency.parse(output);
        return BandPlans.shipped()
                .find(plan)
                .orElseThrow()
                .bandAt(frequency)
                .orElseThrow()
                .rulesFor(frequency);
    }

    /** By such a slip of the pen channels would be worked out wrong, or nothing would be found. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            range_mhz: 144.000-148.000 | range_mhz: 148.000-144.000   | Upper edge must be at or above the lower edge
            range_mhz: 144.000-148.000 | range_mhz: 144000-148000     | with a decimal mark, such as 145.650, was "144000"
            range_mhz: 144.000-148.000 | range_mhz: 52.000-148.000    | bands must rise and not overlap
            146.610-146.995, shift_mhz: "-0.6" | 146.610-146.995, shift_mhz: "-600" | Frequency must be 1 Hz to 300 GHz
            146.610-146.995, shift_mhz: "-0.6" | 146.610-146.995, shift_mhz: "-6"   | inputs of the shift rule must lie inside the band
            146.610-146.995, shift_mhz: "-0.6" | 146.610-146.995, shift_mhz: "0"    | the shift of 2 m at 146.610-146.995 must not be 0
            outputs_mhz: 146.610-146.995 | outputs_mhz: 146.610-149.995 | shift rule must lie inside the band 144.000-148.000
            146.610-146.995, use: repeater outputs | 146.610-146.995, use: repeaters         | use must be one of repeater outputs, repeater inputs
            146.610-146.995, use: repeater outputs | 144.610-146.995, use: repeater outputs  | segments must rise and not overlap
            calling_mhz: ["146.520"]   | calling_mhz: ["146.52O"]     | was "146.52O"
            calling_mhz: ["146.520"]   | calling_mhz: ["446.520"]     | the calling frequency 446.520 MHz must lie inside the band 2 m
            rasters_khz: ["15", "20", "5"] | rasters_khz: ["0"]       | Raster must be 1.25, 5, 6.25
            name: 2 m                  | name: 6 m                    | two bands are called 6 m
            name: 2 m                  | name: " "                    | needs a name
            shift_rules:               | shift_rule:                  | "shift_rule" is no key that belongs here
            """)
    void slipsAreFoundWhenAPlanIsNew(String right, String wrong, String fault) {
        requireSlip("r2-north-america", right, wrong, fault);
    }

    private static void requireSlip(String id, String right, String wrong, String fault) {
        String yaml = BandPlans.shippedText(id);
        assertThat(yaml).contains(right);
        DataFileException refused = catchThrowableOfType(
                DataFileException.class,
                () -> BandPlans.readNew("mine.yaml", yaml.replaceFirst(Pattern.quote(right), wrong)));
        assertThat(refused).as(wrong).isNotNull();
        assertThat(refused.faults())
                .anySatisfy(
                        each -> assertThat(each).matches("mine.yaml:\\d+: .*").contains(fault));
    }

    /** A name that leads to another channel, or to two. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            prefix: RU, first: 368, last: 398, base_mhz: "430.000" | prefix: RU, first: 20, last: 38, base_mhz: "431.000" | RU20 would be two channels
            prefix: RV, first: 46, last: 63   | prefix: RV, first: 63, last: 46   | channel names must rise
            prefix: RV, first: 46, last: 63   | prefix: RV, first: 46, last: 630  | RV81 would be 146.0125 MHz, which lies in no band
            base_mhz: "145.000", step_khz: "12.5" | base_mhz: "145.000", step_khz: "125"  | RV46 would be 150.750 MHz
            base_mhz: "145.000", step_khz: "12.5" | base_mhz: "154.000", step_khz: "12.5" | which lies in no band of the plan
            step_khz: "12.5", use: repeater outputs | step_khz: "12.5", use: satellites | are repeater outputs or simplex
            prefix: RV,                       | prefix: "R V",                    | the letters of a channel name are A to Z
            prefix: RV,                       | prefix: R1,                       | the letters of a channel name are A to Z
            """)
    void slipsInTheNamesOfChannelsAreFoundToo(String right, String wrong, String fault) {
        requireSlip("r1-europe", right, wrong, fault);
    }

    /** What ships has none, and a kept plan is read as ever. */
    @Test
    void slipsAreOfNewPlansOnly() {
        assertThat(BandPlans.shipped().all())
                .allSatisfy(each -> assertThat(BandPlans.readNew("x.yaml", BandPlans.shippedText(each.id())))
                        .isEqualTo(each));
        String kept = BandPlans.shippedText("r2-north-america").replace("[\"146.520\"]", "[\"446.520\"]");
        assertThat(BandPlans.read("kept.yaml", kept).bands()).hasSizeGreaterThan(5);
    }

    @Test
    void aBadFileIsRefusedWithEveryFaultAndItsLine() {
        DataFileException refused =
                catchThrowableOfType(DataFileException.class, () -> BandPlans.read("mine.yaml", """
                        id: mine
                        title: Mine
                        short_title: Mine
                        practise: a slip of the pen
                        bands:
                          - name: 2 m
                            range_mhz: 144.000-146.000
                            rasters_khz: ["13"]
                            calling_mhz: ["145.500"]
                            segments:
                              - { range_mhz: 145.200-145.100, use: simplex }
                              - { range_mhz: 145.300-145.400, use: chatting }
                        """));
        assertThat(refused.faults())
                .anyMatch(fault -> fault.startsWith("mine.yaml:1: \"practice\" is missing"))
                .anyMatch(fault -> fault.startsWith("mine.yaml:4: \"practise\" is no key"))
                .anyMatch(fault -> fault.startsWith("mine.yaml:8: Raster must be"))
                .anyMatch(fault -> fault.startsWith("mine.yaml:11: Upper edge"))
                .anyMatch(fault -> fault.startsWith("mine.yaml:12: use must be one of"));
    }

    @Test
    void brokenYamlAndOverlapsAreNamedByLine() {
        assertThat(faults("id: [")).singleElement().asString().startsWith("x.yaml:1: ");
        assertThat(faults("""
                        id: x
                        title: x
                        short_title: x
                        practice: x
                        status: x
                        licences:
                          - { name: full, talk_mhz: ["144.000-146.000"], practice: x }
                        bands:
                          - name: 2 m
                            range_mhz: 144.000-146.000
                            rasters_khz: ["25"]
                            calling_mhz: ["145.500"]
                            shift_rules:
                              - { outputs_mhz: 145.600-145.700, shift_mhz: "-7.6", practice: wrong band }
                        """))
                .singleElement()
                .asString()
                .startsWith("x.yaml:9: inputs of the shift rule must lie inside the band");
    }

    private static List<String> faults(String yaml) {
        return catchThrowableOfType(DataFileException.class, () -> BandPlans.read("x.yaml", yaml))
                .faults();
    }
}
