package reckonrod.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.notation.Explanation.Change;
import reckonrod.core.notation.Step.Source;

class ExplanationTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

    private static Map<String, Step> steps(String line, String published) {
        return Explanation.explain(line, published, R2).working().stream()
                .collect(Collectors.toMap(Step::what, step -> step));
    }

    @Test
    void tellsPublishedFromWorkedOutFromTypedOver() {
        Map<String, Step> steps = steps("SKARRA 145.310- 77.0", "SKARRA 145.310- 71.9");
        assertThat(steps.get("Listen").source()).isEqualTo(Source.PUBLISHED);
        assertThat(steps.get("Shift").source()).isEqualTo(Source.RULE);
        assertThat(steps.get("Talk").source()).isEqualTo(Source.ARITHMETIC);
        assertThat(steps.get("Talk tone")).satisfies(step -> {
            assertThat(step.source()).isEqualTo(Source.TYPED_OVER);
            assertThat(step.was()).isEqualTo("published CTCSS 71.9");
        });
    }

    /** What follows from something typed over is still arithmetic, and shows what it was. */
    @Test
    void aShiftTypedOverMovesTheTalkFrequencyWithIt() {
        Map<String, Step> steps = steps("145.310 -0.605", "145.310-");
        assertThat(steps.get("Shift").source()).isEqualTo(Source.TYPED_OVER);
        assertThat(steps.get("Shift").was()).isEqualTo("worked out −0.600 MHz");
        assertThat(steps.get("Talk").source()).isEqualTo(Source.ARITHMETIC);
        assertThat(steps.get("Talk").was()).isEqualTo("worked out 144.710 MHz");
        assertThat(steps("145.310-", "145.310-").values())
                .allMatch(step -> step.was().isEmpty());
    }

    @Test
    void saysWhatAnEditChangesIncludingFindings() {
        assertThat(Explanation.changes(
                        Reckoner.reckon("A 145.310- 71.9", R2), Reckoner.reckon("A 145.310- R71.9 low", R2)))
                .containsExactly(
                        new Change("Talk tone", "CTCSS 71.9", "none"),
                        new Change("Listen tone", "none", "CTCSS 71.9"),
                        new Change("Power", "high", "low"),
                        new Change(
                                "New finding",
                                "",
                                "CTCSS 71.9 is the listen tone, and nothing is sent while talking."));
        assertThat(Explanation.changes(Reckoner.reckon("145.310-", R2), Reckoner.reckon("145.310 -", R2)))
                .isEmpty();
    }
}
