package reckonrod.core.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import reckonrod.core.Entries;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Power;
import reckonrod.core.geography.Position;
import reckonrod.core.reach.Terrain;

class LowestPowerTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final Position REPEATER = new Position(46.6, -38);
    private static final LowestPower.Levels HANDHELD = new LowestPower.Levels(
            "handheld",
            Map.of(Power.HIGH, BigDecimal.valueOf(5), Power.MID, new BigDecimal("2.5"), Power.LOW, BigDecimal.ONE));
    private static final LowestPower.Levels ONE_LEVEL =
            new LowestPower.Levels("handheld", Map.of(Power.HIGH, BigDecimal.valueOf(5)));

    private static Power at(double kilometres, LowestPower.Levels... radios) {
        return new LowestPower(List.of(radios), R2, Terrain.UNKNOWN)
                .from(
                        REPEATER.onCourse(0, kilometres * 1000),
                        Entries.at("v:1", "Skarra", REPEATER).build())
                .orElseThrow();
    }

    /** Farther away it never is a lower one, and each of the three has its ring. */
    @Test
    void theFartherTheRepeaterTheHigherThePower() {
        Power before = Power.LOW;
        java.util.Set<Power> seen = new java.util.HashSet<>();
        for (double kilometres = 0.5; kilometres < 60; kilometres *= 1.05) {
            Power now = at(kilometres, HANDHELD);
            assertThat(now).as("%s km", kilometres).isLessThanOrEqualTo(before);
            seen.add(now);
            before = now;
        }
        assertThat(seen).containsExactlyInAnyOrder(Power.values());
    }

    @Test
    void allRadiosMustReachAndOneWithoutLowSendsItsOnlyPower() {
        double midRing = 0.5;
        while (at(midRing, HANDHELD) != Power.MID) {
            midRing *= 1.02;
        }
        assertThat(at(midRing, ONE_LEVEL)).isEqualTo(Power.LOW);
        assertThat(at(midRing, ONE_LEVEL, HANDHELD)).isEqualTo(Power.MID);
        assertThat(new LowestPower(List.of(HANDHELD), R2, Terrain.UNKNOWN)
                        .from(REPEATER, Entries.nowhere("v:2", "Nowhere").build()))
                .isEqualTo(Optional.empty());
    }

    /** The margin that each level is judged by is that of a station of its watts. */
    @Test
    void aLevelIsJudgedAsAStationOfItsWattsWouldBe() {
        for (double kilometres = 1; kilometres < 60; kilometres *= 1.3) {
            Position here = REPEATER.onCourse(200, kilometres * 1000);
            boolean low = new Finder(
                                    UsualStation.of("handheld", BigDecimal.ONE),
                                    R2,
                                    Terrain.UNKNOWN,
                                    java.time.LocalDate.EPOCH)
                            .reach(here, Entries.at("v:1", "Skarra", REPEATER).build())
                            .orElseThrow()
                            .heardThere()
                            .verdict()
                    == reckonrod.core.reach.Verdict.LIKELY;
            assertThat(new LowestPower(List.of(HANDHELD), R2, Terrain.UNKNOWN)
                                    .from(
                                            here,
                                            Entries.at("v:1", "Skarra", REPEATER)
                                                    .build())
                                    .orElseThrow()
                            == Power.LOW)
                    .as("%s km", kilometres)
                    .isEqualTo(low);
        }
    }
}
