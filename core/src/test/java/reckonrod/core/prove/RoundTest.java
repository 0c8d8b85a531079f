package reckonrod.core.prove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
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

    /** Nothing is forgotten, no stop is for nothing, and the way is never longer than by much than the shortest there is. */
    @Test
    void theWayIsNearlyTheShortestWhateverThePlaces() {
        Random random = new Random(5);
        for (int round = 0; round < 120; round++) {
            List<Round.Candidate> places = new ArrayList<>();
            int count = 1 + random.nextInt(6);
            for (int i = 0; i < count; i++) {
                places.add(new Round.Candidate(
                        "p" + i,
                        START.onCourse(random.nextDouble(0, 360), random.nextDouble(1_000, 60_000)),
                        channels(i, random.nextInt(count))));
            }
            Set<UUID> wanted =
                    places.stream().flatMap(each -> each.opens().stream()).collect(Collectors.toSet());
            Round found = Round.of(START, wanted, places);
            assertThat(found.left()).isEmpty();
            assertThat(found.stops())
                    .allSatisfy(stop -> assertThat(stop.channels()).isNotEmpty());
            assertThat(found.stops().stream().flatMap(stop -> stop.channels().stream()))
                    .doesNotHaveDuplicates()
                    .containsExactlyInAnyOrderElementsOf(wanted);
            List<Position> stops =
                    found.stops().stream().map(Round.Stop::position).toList();
            assertThat(found.metres()).isCloseTo(length(stops), within(1.0));
            assertThat(found.metres()).isLessThanOrEqualTo(shortest(START, stops) * 1.15 + 1);
        }
    }

    private static double length(List<Position> stops) {
        double metres = 0;
        Position at = START;
        for (Position each : stops) {
            metres += at.to(each).metres();
            at = each;
        }
        return metres;
    }

    private static double shortest(Position from, List<Position> left) {
        double best = left.isEmpty() ? 0 : Double.MAX_VALUE;
        for (Position next : left) {
            List<Position> others = new ArrayList<>(left);
            others.remove(next);
            best = Math.min(best, from.to(next).metres() + shortest(next, others));
        }
        return best;
    }
}
