package reckonrod.core.notation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.finding.Edit;
import reckonrod.core.finding.Finding;

/** How a line came to its talk frequency, as the person reads it, and what is offered where the line does not settle it. */
class WorkingTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            145.310 -0.6         | −0.600 MHz | sign and size as typed | PUBLISHED
            145.310 RPT          | −0.600 MHz | by rule: Region 2, outputs 145.200–145.495 talk 600 kHz lower | RULE
            147.135 RPT          | +0.600 MHz | by rule: Region 2, outputs 147.000–147.395 talk 600 kHz higher | RULE
            224.860 +            | +1.600 MHz | size by rule: Region 2, outputs 223.850–224.980 talk 1.6 MHz lower. Sign as you typed it; the rule says the other | RULE
            145.310 > 144.710    | −0.600 MHz | two frequencies given: output, then input. A given pair wins over any rule | PUBLISHED
            145.350 > 433.475    | split      | two frequencies given: output, then input. A given pair wins over any rule | PUBLISHED
            144.710 145.310      | −0.600 MHz | two frequencies given, input first: the plan turned them. A given pair wins over any rule | PUBLISHED
            146.34/94            | −0.600 MHz | the short pair 146.34/94, input first | PUBLISHED
            147.510              | none       | no sign and no second frequency: simplex | USUAL
            147.510 simplex      | none       | simplex, as typed | PUBLISHED
            145.310 shift 0.6    | −0.600 MHz | size as typed, sign by Region 2, outputs 145.200–145.495 talk 600 kHz lower | RULE
            53.010 offset 1      | −1.000 MHz | size as typed, sign by Region 2, outputs 52.500–54.000 talk 1 MHz lower | RULE
            """)
    void theShiftSaysHowItCameAbout(String line, String shift, String how, Step.Source source) {
        assertThat(Reckoner.reckon(line, R2).working())
                .filteredOn(step -> step.what().equals("Shift"))
                .containsExactly(new Step("Shift", shift, how, source));
    }

    @Test
    void whatNobodyTalksToHasNoShift() {
        assertThat(Reckoner.reckon("132.810", R2).working())
                .extracting(Step::what, Step::value)
                .contains(tuple("Talk", "never"))
                .noneMatch(step -> step.toList().contains("Shift"));
    }

    /** What is offered, and where it leads: to just the talk frequency that its label promises. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            146.940              | output-without-sign | 146.940 - | 146.340
            147.135              | output-without-sign | 147.135 + | 147.735
            53.010               | output-without-sign | 53.010 -0.500, 53.010 -1.000 | 52.510, 52.010
            53.010 rpt           | sign-asked          | 53.010 rpt -0.500, 53.010 rpt -1.000 | 52.510, 52.010
            146.000 shift 0.6    | sign-asked          | 146.000 shift 0.6 -, 146.000 shift 0.6 + | 145.400, 146.600
            440.000 ±5           | sign-asked          | 440.000 -5, 440.000 +5 | 435.000, 445.000
            145.310 shift 0.6    | sign-by-plan        | 145.310 shift 0.6 - | 144.710
            147.135 shift 0.6    | sign-by-plan        | 147.135 shift 0.6 + | 147.735
            145.310 RPT          | shift-by-plan       | 145.310 RPT simplex | 145.310
            144.710 145.310      | pair-turned         | 144.710 tx 145.310 | 145.310
            """)
    void whatIsOfferedLeadsWhereItSays(String line, String code, String lines, String talks) {
        List<String> offered = Reckoner.reckon(line, R2).findings().stream()
                .filter(each -> each.kind().code().equals(code))
                .map(Finding::fixes)
                .flatMap(List::stream)
                .map(fix -> ((Edit.RewriteLine) fix.edit()).line())
                .toList();
        assertThat(String.join(", ", offered)).isEqualTo(lines);
        assertThat(offered.stream()
                        .map(each -> Reckoner.reckon(each, R2).channel().orElseThrow())
                        .map(each -> each.transmit().orElseThrow().toMegahertzText())
                        .collect(Collectors.joining(", ")))
                .isEqualTo(talks);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            146.940 > 146.340 +    | The line says +, but its two frequencies are −0.600 MHz apart.
            146.940 > 146.340 -0.5 | The line says −500 kHz, but its two frequencies are −0.600 MHz apart.
            146.940 > 146.340 -    |
            146.940 > 146.340 -0.6 |
            146.940 simplex -0.6   | The line says −, and also simplex.
            """)
    void whatDisagreesIsTold(String line, String said) {
        List<String> told = Reckoner.reckon(line, R2).findings().stream()
                .map(Finding::toString)
                .map(each -> each.replaceFirst("^[A-Z]+ [a-z-]+: ", ""))
                .toList();
        assertThat(told).isEqualTo(said == null ? List.of() : List.of(said));
    }
}
