package reckonrod.core.trip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reckonrod.core.Entries;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Mode;
import reckonrod.core.directory.State;
import reckonrod.core.find.Finder;
import reckonrod.core.geography.Position;
import reckonrod.core.geography.Route;
import reckonrod.core.reach.Reach;
import reckonrod.core.reach.Station;
import reckonrod.core.reach.Terrain;

class TripPlannerTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final Position START = new Position(47.5, -38);
    private static final Route ROUTE = Route.along(List.of(START, START.onCourse(90, 300_000)));
    private static final Finder FINDER =
            new Finder(Station.of(2, 0, 25), R2, Terrain.UNKNOWN, LocalDate.of(2026, 11, 24));
    private static final TripPlanner PLANNER = new TripPlanner(R2, Terrain.UNKNOWN, FINDER);

    private static Entries at(String id, double kilometres) {
        return Entries.at("v:" + id, id, START.onCourse(90, kilometres * 1000).onCourse(0, 2_000));
    }

    /** Two in the first stretch, one of which is needless, a hole in the middle, one at the end. */
    @Test
    void aTripIsServedInDrivingOrderAndSaysItsGaps() {
        List<DirectoryEntry> candidates = List.of(
                at("end", 290).build(),
                at("needless", 5).build(),
                at("begin", 40).build());
        Trip.BandTrip trip = PLANNER.plan(ROUTE, candidates, false, new TripPlanner.Wish(0, 0, false))
                .bands()
                .get(0);
        assertThat(trip.legs()).extracting(leg -> leg.entry().label()).containsExactly("begin", "end");
        assertThat(trip.gaps()).hasSize(1);
        Trip.Leg first = trip.legs().get(0);
        assertThat(first.fromMetres()).isZero();
        assertThat(trip.gaps().get(0).fromMetres()).isEqualTo(first.toMetres());
        assertThat(trip.legs().get(1).toMetres()).isCloseTo(300_000, within(0.5));
        double served = trip.legs().stream()
                .mapToDouble(leg -> leg.toMetres() - leg.fromMetres())
                .sum();
        assertThat(served + trip.gapMetres()).isCloseTo(300_000, within(0.5));
        for (Trip.Leg leg : trip.legs()) {
            assertThat(leg.leastMarginDecibels()).isNotNegative();
            Position edge = ROUTE.at((leg.fromMetres() + leg.toMetres()) / 2);
            Reach reach = FINDER.reach(edge, leg.entry()).orElseThrow();
            assertThat(reach.marginDecibels()).isGreaterThanOrEqualTo(leg.leastMarginDecibels() - 0.1);
        }
    }

    @Test
    void eachBandCoversTheWayByItselfWhenAsked() {
        List<DirectoryEntry> candidates = new ArrayList<>();
        candidates.add(at("two", 40).build());
        candidates.add(at("seventy", 40).line("441.150", "+", "").build());
        candidates.add(Entries.nowhere("v:n", "nowhere").build());
        Trip trip = PLANNER.plan(ROUTE, candidates, true, new TripPlanner.Wish(0, 0, false));
        assertThat(trip.bands())
                .hasSize(2)
                .allSatisfy(band -> assertThat(band.legs()).hasSize(1));
        assertThat(trip.repeaters()).hasSize(2);
        assertThat(PLANNER.plan(ROUTE, List.of(), false, new TripPlanner.Wish(0, 0, false))
                        .bands()
                        .get(0)
                        .gapMetres())
                .isCloseTo(300_000, within(0.5));
    }

    /** What nobody can count on is left out and counted; members may wish for their own. */
    @Test
    void onlyWhatIsOfUseIsChosen() {
        List<DirectoryEntry> candidates = List.of(
                at("dead", 40).state(State.OFF_AIR).build(),
                at("digital", 40).mode(Mode.DIGITAL).build(),
                at("closed", 40).flags(Set.of(DirectoryFlag.CLOSED)).build(),
                Entries.nowhere("v:n", "nowhere").build());
        Trip open = PLANNER.plan(ROUTE, candidates, false, new TripPlanner.Wish(0, 0, false));
        assertThat(open.leftOut()).isEqualTo(4);
        assertThat(open.repeaters()).isEmpty();
        Trip members = PLANNER.plan(ROUTE, candidates, false, new TripPlanner.Wish(0, 0, true));
        assertThat(members.leftOut()).isEqualTo(3);
        assertThat(members.repeaters()).extracting(DirectoryEntry::label).containsExactly("closed");
    }

    /** The more margin is asked for, the less of the way is covered. */
    @Test
    void aHigherDemandNeverCoversMore() {
        List<DirectoryEntry> candidates =
                List.of(at("a", 60).build(), at("b", 200).build());
        double before = 0;
        for (double needed : new double[] {0, 5, 10, 20}) {
            double gaps = PLANNER.plan(ROUTE, candidates, false, new TripPlanner.Wish(needed, 0, false))
                    .bands()
                    .get(0)
                    .gapMetres();
            assertThat(gaps).isGreaterThanOrEqualTo(before);
            before = gaps;
        }
        assertThat(before).isPositive();
    }

    /** Where a stretch ends, the reach of its repeater does: half a milestone to either side, neither sooner nor later. */
    @Test
    void aStretchEndsWhereTheRepeaterIsNoLongerHeard() {
        DirectoryEntry middle = at("middle", 150).build();
        Trip.BandTrip trip = PLANNER.plan(ROUTE, List.of(middle), false, new TripPlanner.Wish(0, 0, false))
                .bands()
                .get(0);
        Trip.Leg leg = trip.legs().get(0);
        double spacing = ROUTE.milestones(1_000).get(1).metres();
        assertThat(trip.gaps()).hasSize(2);
        assertThat(leg.fromMetres() + leg.toMetres()).isCloseTo(300_000, within(2 * spacing));
        for (double edge : new double[] {leg.fromMetres(), leg.toMetres()}) {
            double inwards = edge < 150_000 ? spacing : -spacing;
            assertThat(margin(middle, edge + inwards)).isNotNegative();
            assertThat(margin(middle, edge - inwards)).isNegative();
        }
        assertThat(leg.weakMetres()).isZero();
        assertThat(leg.leastMarginDecibels()).isBetween(0.0, 1.0);
    }

    private static double margin(DirectoryEntry entry, double metres) {
        return FINDER.reach(ROUTE.at(metres), entry).orElseThrow().marginDecibels();
    }
}
