package reckonrod.core.list;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.geography.Position;

/** Channels put in order, what has nothing to be ordered by behind, what is alike as it stood. */
class OrderingTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

    private static ListEntry entry(int number, String line, String callSign, Position place, int rank, String proven) {
        ListEntry entry = Lists.entry(R2, number, line);
        if (!callSign.isEmpty() || place != null) {
            entry = entry.withOrigin(new Origin("v:" + number, callSign, "Site", Optional.ofNullable(place)));
        }
        return entry.withStanding(new Standing(
                false,
                Optional.empty(),
                rank == 0 ? Optional.empty() : Optional.of(rank),
                Optional.ofNullable(proven).map(LocalDate::parse)));
    }

    private static List<ListEntry> channels() {
        return List.of(
                entry(1, "LEG 10 147.510 low", "", null, 0, null),
                entry(2, "SKARRA 145.310- D023N", "QV2SK", new Position(47.5, -38.25), 9, "2026-05-03"),
                entry(3, "leg 2 147.510", "", null, 1, "2026-11-01"),
                entry(4, "446.000", "", null, 0, null),
                entry(5, "PELL 147.135+ 127.3", "QV10PL", new Position(47.4, -38), 1, "2026-05-03"),
                entry(6, "WX 162.550 listen-only", "", new Position(47.39, -37.99), 0, "2025-01-01"),
                entry(7, "HALDEN 146.835- 71.9", "qv2ha", null, 3, null));
    }

    private static String ordered(Ordering ordering, List<ListEntry> channels) {
        return ordering.sorted(channels).stream()
                .map(each -> String.valueOf(each.id().getLeastSignificantBits()))
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource({
        "FREQUENCY, 2 7 5 1 3 6 4, frequency",
        "NAME, 7 3 1 5 2 6 4, name",
        "CALL_SIGN, 7 2 5 1 3 4 6, call sign",
        "USE, 1 3 4 2 7 5 6, use",
        "TALK_TONE, 1 3 6 4 5 7 2, talk tone",
        "RANK, 3 5 7 2 1 4 6, rank",
        "LAST_PROVEN, 3 2 5 6 1 4 7, last proven",
        "NOT_PROVEN, 1 4 7 6 2 5 3, longest not proven"
    })
    void channelsAreOrderedByWhatTheyHave(Ordering.By by, String order, String words) {
        assertThat(ordered(by, channels())).isEqualTo(order);
        assertThat(by.words()).isEqualTo(words);
    }

    @Test
    void theNearestFirstAndWhoIsNowhereBehind() {
        Ordering near = new Ordering.Distance("Harbour", new Position(47.39, -37.98));
        assertThat(ordered(near, channels())).isEqualTo("6 5 2 1 3 4 7");
        assertThat(near.words()).isEqualTo("distance from Harbour");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Ordering.Distance(" ", new Position(0, 0)))
                .withMessageContaining("must have a name");
    }

    @Test
    void alongAWayInDrivingOrder() {
        Spot west = new Spot("West", new Position(47.5, -39));
        Spot east = new Spot("East", new Position(47.4, -37));
        Ordering there = new Ordering.Along(List.of(west, east));
        assertThat(ordered(there, channels())).isEqualTo("2 5 6 1 3 4 7");
        assertThat(there.words()).isEqualTo("the way West–East");
        assertThat(ordered(new Ordering.Along(List.of(east, west)), channels())).isEqualTo("6 5 2 1 3 4 7");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Ordering.Along(List.of(west)))
                .withMessageContaining("two points that lie apart");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Ordering.Along(Collections.nCopies(51, west)))
                .withMessage("A way must lead by at most 50 places, was 51");
    }

    /** Ordered again nothing moves, and from any order it comes to the same, but for those that are alike. */
    @ParameterizedTest
    @CsvSource({"FREQUENCY", "NAME", "CALL_SIGN", "USE", "TALK_TONE", "RANK", "LAST_PROVEN", "NOT_PROVEN"})
    void anOrderIsOne(Ordering.By by) {
        List<ListEntry> once = by.sorted(channels());
        assertThat(by.sorted(once)).isEqualTo(once);
        List<ListEntry> turned = new ArrayList<>(channels());
        Collections.reverse(turned);
        List<ListEntry> again = by.sorted(turned);
        assertThat(again).containsExactlyInAnyOrderElementsOf(once);
        // Where the two differ at all, it is among neighbours that the order itself does not tell apart.
        IntStream.range(0, once.size())
                .filter(at -> !once.get(at).equals(again.get(at)))
                .forEach(at -> assertThat(by.sorted(List.of(once.get(at), again.get(at))))
                        .containsExactly(once.get(at), again.get(at)));
    }
}
