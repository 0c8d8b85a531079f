package reckonrod.core.satellite;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.finding.Finding;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.NoTone;

class DopplerSetTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

    private static DopplerSet set(String uplink, String downlink, int height, BandPlan plan) {
        return DopplerSet.of(
                "QSAT",
                Frequency.parse(uplink),
                Frequency.parse(downlink),
                new Orbit(height),
                CtcssTone.parse("67.0"),
                plan);
    }

    /** By hand: v = √(398600.4418 ÷ 6871) = 7.6166 km/s; × 6371 ÷ 6871 = 7.0624 km/s; ÷ c × 437.800 MHz = 10,314 Hz. */
    @Test
    void theGreatestShiftFollowsFromTheOrbit() {
        Orbit orbit = new Orbit(500);
        assertThat(orbit.speed()).isCloseTo(7.6166, within(0.0001));
        assertThat(orbit.speedAtHorizon()).isCloseTo(7.0624, within(0.0001));
        assertThat(orbit.greatestShiftHertz(Frequency.parse("437.800"))).isBetween(10_313L, 10_314L);
    }

    /** The share of a pass that is computed from the geometry ends at the value of the formula, and is odd in time. */
    @ParameterizedTest
    @CsvSource({"200", "500", "1500", "3000"})
    void thePassRunsFromPlusOneToMinusOne(int height) {
        Orbit orbit = new Orbit(height);
        double rise = orbit.secondsToOverhead();
        assertThat(orbit.shareAt(-rise)).isCloseTo(1.0, within(1e-9));
        assertThat(orbit.shareAt(0)).isZero();
        double before = 1;
        for (double second = -rise + 1; second < rise; second++) {
            assertThat(orbit.shareAt(second)).isLessThan(before).isCloseTo(-orbit.shareAt(-second), within(1e-9));
            before = orbit.shareAt(second);
        }
    }

    @Test
    void aPassIsHeardHighFirstAndCalledLowFirst() {
        DopplerSet set = set("145.990", "437.800", 420, R2);
        assertThat(set.passes())
                .extracting(pass -> pass.channel().name() + " " + pass.channel().receive() + " "
                        + pass.channel().transmit().orElseThrow())
                .containsExactly(
                        "QSAT 1 437.810 MHz 145.985 MHz",
                        "QSAT 2 437.805 MHz 145.990 MHz",
                        "QSAT 3 437.800 MHz 145.990 MHz",
                        "QSAT 4 437.795 MHz 145.990 MHz",
                        "QSAT 5 437.790 MHz 145.995 MHz");
        assertThat(set.findings()).isEmpty();
        assertThat(set.passes())
                .allSatisfy(pass -> assertThat(pass.channel().talkTone()).hasToString("CTCSS 67.0"));
        assertThat(set.working())
                .anyMatch(each ->
                        each.contains("Downlink: 437.800 MHz") && each.contains("7.187 ÷ 299,792 = ±10.496 kHz"));
    }

    /** Each channel is used until the next one is nearer: the spans join, and cover the pass. */
    @Test
    void theSpansOfTheChannelsCoverThePass() {
        DopplerSet set = set("435.250", "145.950", 800, R2);
        int rise = (int) Math.round(new Orbit(800).secondsToOverhead());
        assertThat(set.passes().get(0).fromSeconds()).isEqualTo(-rise);
        for (int i = 1; i < set.passes().size(); i++) {
            assertThat(set.passes().get(i).fromSeconds())
                    .isEqualTo(set.passes().get(i - 1).toSeconds());
        }
        assertThat(set.passes().get(set.passes().size() - 1).toSeconds()).isEqualTo(rise);
    }

    /** A channel is left for the next when the shift is halfway between the two: by the geometry of the pass, to the second. */
    @ParameterizedTest
    @CsvSource({"145.990, 437.800, 420, 2", "435.250, 145.950, 800, 2", "145.990, 1269.000, 500, 4"})
    void aChannelIsLeftHalfwayToTheNext(String uplink, String downlink, int height, int steps) {
        Orbit orbit = new Orbit(height);
        List<DopplerSet.Pass> passes = set(uplink, downlink, height, R2).passes();
        assertThat(passes).hasSize(2 * steps + 1);
        for (int i = 0; i < passes.size(); i++) {
            int step = steps - i;
            assertThat(passes.get(i).phase()).isEqualTo(step > 0 ? "nearing" : step < 0 ? "leaving" : "overhead");
            if (i + 1 < passes.size()) {
                double border = (step - 0.5) / steps;
                int at = passes.get(i).toSeconds();
                assertThat(orbit.shareAt(at - 1)).isGreaterThan(border);
                assertThat(orbit.shareAt(at + 1)).isLessThan(border);
            }
        }
    }

    /** What is said of one channel of a pass is not said again of each. */
    @Test
    void aFindingOfAPassIsSaidOnce() {
        List<String> said = set("149.000", "437.800", 500, R2).findings().stream()
                .map(each -> each.kind().code())
                .toList();
        assertThat(said)
                .doesNotHaveDuplicates()
                .contains("talk-outside-windows")
                .doesNotContain("cross-band-split");
        assertThat(set("149.000", "437.800", 500, R2).findings()).isSortedAccordingTo(Finding.ORDER);
    }

    @Test
    void talkingOutsideTheWindowsIsAnError() {
        assertThat(set("149.000", "437.800", 500, R2).findings())
                .first()
                .satisfies(finding -> assertThat(finding.kind().code()).isEqualTo("talk-outside-windows"));
        assertThat(set(
                                "435.250",
                                "145.950",
                                800,
                                BandPlans.shipped().find("r1-europe").orElseThrow())
                        .findings())
                .isEmpty();
    }

    @Test
    void whatCannotBeAPassIsRefused() {
        assertThatThrownBy(() -> new Orbit(35_786)).hasMessageContaining("160 to 3000 km, was 35786");
        assertThatThrownBy(() -> DopplerSet.of(
                        " ", Frequency.parse("145"), Frequency.parse("435"), new Orbit(500), NoTone.NONE, R2))
                .hasMessageContaining("Name must be");
    }
}
