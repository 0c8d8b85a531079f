package reckonrod.core.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import reckonrod.core.Entries;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.directory.Mode;
import reckonrod.core.directory.State;
import reckonrod.core.geography.Position;
import reckonrod.core.geography.Route;
import reckonrod.core.reach.Station;
import reckonrod.core.reach.Terrain;

class FinderTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final Position HERE = new Position(47.5, -38);
    private static final Finder FINDER =
            new Finder(Station.of(1.5, -3, 5), R2, Terrain.UNKNOWN, LocalDate.of(2026, 11, 24));

    private static Entries near(String id, double kilometres) {
        return Entries.at("v:" + id, id, HERE.onCourse(90, kilometres * 1000));
    }

    /** In reach first, nearest first; what looks dead sinks even when it is the nearest; without a position, last of the living. */
    @Test
    void whatIsOfUseComesFirst() {
        List<String> order = Stream.of(
                        near("far", 300),
                        near("dead", 1).state(State.OFF_AIR),
                        near("old", 2).confirmed(LocalDate.of(2020, 1, 1)),
                        near("nearer", 5),
                        near("near", 9),
                        Entries.nowhere("v:nowhere", "nowhere"))
                .map(each -> FINDER.from(HERE, each.build()))
                .sorted(Found.BY_USE)
                .map(found -> found.entry().label())
                .toList();
        assertThat(order).containsExactly("nearer", "near", "far", "nowhere", "dead", "old");
    }

    /** Same band, alive, in reach, and of those the one heard best; a sound entry needs nobody else. */
    @Test
    void somethingBetterConfirmedIsOfferedInsteadOfADoubtfulOne() {
        Found dead = FINDER.from(HERE, near("dead", 1).state(State.OFF_AIR).build());
        Found sound = FINDER.from(HERE, near("sound", 12).build());
        List<Found> among = Stream.of(
                        near("other band", 2).line("441.150", "+", ""),
                        near("digital", 2).mode(Mode.DIGITAL),
                        near("closed", 2).flags(Set.of(DirectoryFlag.CLOSED)),
                        near("out of reach", 300),
                        near("also dead", 3).confirmed(LocalDate.of(2019, 1, 1)),
                        near("farther", 20))
                .map(each -> FINDER.from(HERE, each.build()))
                .toList();
        List<Found> all = Stream.concat(among.stream(), Stream.of(dead, sound)).toList();
        assertThat(FINDER.insteadOf(dead, all)).contains(sound);
        assertThat(FINDER.insteadOf(sound, all)).isEmpty();
        assertThat(FINDER.insteadOf(dead, among.subList(0, 5))).isEmpty();
    }

    /** In likely reach, alive, analogue and open: each of these alone spoils it. */
    @Test
    void recommendedIsWhatAStrangerCanUse() {
        List<String> recommended = Stream.of(
                        near("good", 5),
                        near("far", 300),
                        near("dead", 5).state(State.OFF_AIR),
                        near("digital", 5).mode(Mode.DIGITAL),
                        near("closed", 5).flags(Set.of(DirectoryFlag.CLOSED)),
                        Entries.nowhere("v:nowhere", "nowhere"))
                .map(each -> FINDER.from(HERE, each.build()))
                .filter(Found::isRecommended)
                .map(found -> found.entry().label())
                .toList();
        assertThat(recommended).containsExactly("good");
    }

    /** By distance what is dead stands where it is; by output those of one frequency stand together, the nearest first. */
    @Test
    void otherOrdersOnRequest() {
        List<Found> found = Stream.of(
                        near("c", 9).line("441.150", "+", ""),
                        near("b", 7).state(State.OFF_AIR),
                        near("a", 30),
                        Entries.nowhere("v:d", "d"))
                .map(each -> FINDER.from(HERE, each.build()))
                .toList();
        assertThat(found.stream().sorted(Found.BY_DISTANCE))
                .extracting(each -> each.entry().label())
                .containsExactly("b", "c", "a", "d");
        assertThat(found.stream().sorted(Found.BY_OUTPUT))
                .extracting(each -> each.entry().label())
                .containsExactly("b", "a", "d", "c");
    }

    /** A kind of radio that nobody described is taken for the most modest: better heard than promised. */
    @Test
    void aRadioIsJudgedAsItsKindIsUsed() {
        assertThat(UsualStation.shipped())
                .extracting(UsualStation::id)
                .doesNotHaveDuplicates()
                .startsWith("handheld");
        Station mobile = UsualStation.of("mobile", new BigDecimal("50"));
        Station handheld = UsualStation.of("handheld", new BigDecimal("0.5"));
        assertThat(mobile.watts()).isEqualTo(50);
        assertThat(mobile.gainDecibels()).isGreaterThan(handheld.gainDecibels() + 5);
        assertThat(UsualStation.of("base in a tent", new BigDecimal("0.5"))).isEqualTo(handheld);
    }

    /** Another source, the same pair, the same place, confirmed later: each of these has to hold. */
    @Test
    void theSameRepeaterInAnotherSourceIsRecognised() {
        Found mine = FINDER.from(HERE, near("mine", 20).build());
        Found later = elsewhere(HERE.onCourse(90, 23_000), "-0.600", LocalDate.of(2026, 7, 1));
        assertThat(FINDER.sameElsewhere(mine, List.of(mine, later))).contains(later);
        assertThat(FINDER.sameElsewhere(later, List.of(mine, later))).isEmpty();
        assertThat(FINDER.sameElsewhere(
                        mine,
                        List.of(
                                mine,
                                FINDER.from(
                                        HERE,
                                        near("own", 20)
                                                .confirmed(LocalDate.of(2026, 7, 1))
                                                .build()),
                                elsewhere(HERE.onCourse(90, 26_000), "-0.600", LocalDate.of(2026, 7, 1)),
                                elsewhere(HERE.onCourse(90, 20_000), "+0.600", LocalDate.of(2026, 7, 1)),
                                elsewhere(HERE.onCourse(90, 20_000), "-0.600", null))))
                .isEmpty();
    }

    private static Found elsewhere(Position place, String input, LocalDate confirmed) {
        return FINDER.from(
                HERE,
                Entries.at("club:x", "x", place)
                        .line("145.310", input, "71.9")
                        .confirmed(confirmed)
                        .build());
    }

    @Test
    void alongARouteItIsJudgedFromWhereThatPasses() {
        Route route = Route.along(List.of(HERE, HERE.onCourse(90, 100_000)));
        Found found = FINDER.along(
                route,
                Entries.at("v:x", "x", HERE.onCourse(90, 60_000).onCourse(0, 4_000))
                        .build());
        assertThat(found.passing().orElseThrow().metres()).isBetween(59_000.0, 61_000.0);
        assertThat(found.passing().orElseThrow().offMetres()).isBetween(3_900.0, 4_100.0);
        assertThat(found.metres()).isBetween(3_900.0, 4_100.0);
    }

    /** A shift of which only the direction is published is supplied by the plan before the reach is judged. */
    @Test
    void thePlanSuppliesTheInput() {
        assertThat(FINDER.input(near("a", 1).line("441.150", "+", "").build()).toMegahertzText())
                .isEqualTo("446.150");
        assertThat(FINDER.input(near("a", 1).line("441.150", "> 436.150", "").build())
                        .toMegahertzText())
                .isEqualTo("436.150");
        assertThat(RepeaterPlace.of(near("a", 1).build()).orElseThrow().assumed())
                .containsExactly("gain 3 dBi after its feeder");
    }
}
