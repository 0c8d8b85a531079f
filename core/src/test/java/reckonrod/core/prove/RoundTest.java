package reckonrod.core.prove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import reckonrod.core.geography.Position;

class RoundTest {
    private static final Position START = new Position(47.5, -38);

    private static Set<UUID> channels(int... numbers) {
        return Arrays.stream(numbers).mapToObj(each -> new UUID(1, each)).collect(Collectors.toSet());
    }

    private static Round.Candidate place(String name, double kilometresEast, int... opens) {
        return new Round.Candidate(name, START.onCourse(90, kilometresEast * 1000), channels(opens));
    }

    private static List<String> names(Round round) {
        return round.stops().stream().map(Round.Stop::name).toList();
    }

    /** What opens from the hill need not be tried in the two villages; what opens nowhere is told. */
    @Test
    void fewPlacesInAShortOrder() {
        Round round = Round.of(
                START,
                channels(1, 2, 3, 4, 9),
                List.of(
                        place("far", 40, 4),
                        place("village", 5, 1),
                        place("other village", 8, 2),
                        place("hill", 20, 1, 2, 3),
                        place("farther hill", 30, 1, 2, 3)));
        assertThat(names(round)).containsExactly("hill", "far");
        assertThat(round.left()).isEqualTo(channels(9));
        assertThat(round.stops().get(0).channels()).isEqualTo(channels(1, 2, 3));
        assertThat(round.metres()).isCloseTo(40_000, within(200.0));
    }

    /** The place that adds most first may turn out to add nothing. */
    @Test
    void aStopThatOthersCoverIsDropped() {
        Round round = Round.of(
                START,
                channels(1, 2, 3, 4, 5, 6),
                List.of(place("middle", 1, 2, 3, 4, 5), place("west", 10, 1, 2, 3), place("east", 20, 4, 5, 6)));
        assertThat(names(round)).containsExactly("west", "east");
    }

    @Test
    void eachChannelIsTriedOnceAndNothingToTryIsNoRound() {
        Round round = Round.of(START, channels(1, 2, 3), List.of(place("a", 3, 1, 2), place("b", 6, 2, 3)));
        assertThat(round.stops().stream()
                        .mapToInt(each -> each.channels().size())
                        .sum())
                .isEqualTo(3);
        assertThat(Round.of(START, Set.of(), List.of(place("a", 3, 1))).stops()).isEmpty();
        assertThat(Round.of(START, channels(1), List.of()).left()).isEqualTo(channels(1));
    }
}
