package reckonrod.core.trip;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CoverTest {
    private static final int STONES = 9;

    /** Against every way there is: nobody covers the same stones with fewer stretches, and no stone that can be is left. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 5, 8})
    void noOtherChoiceNeedsFewerChanges(long seed) {
        Random random = new Random(seed);
        for (int round = 0; round < 400; round++) {
            List<Coverage> candidates = random(random);
            List<Cover.Stretch> chosen = Cover.of(candidates, STONES);
            int next = 0;
            for (Cover.Stretch stretch : chosen) {
                assertThat(stretch.first()).isGreaterThanOrEqualTo(next).isLessThanOrEqualTo(stretch.last());
                for (int stone = next; stone < stretch.first(); stone++) {
                    assertThat(heardAt(candidates, stone)).isFalse();
                }
                for (int stone = stretch.first(); stone <= stretch.last(); stone++) {
                    assertThat(candidates.get(stretch.candidate()).covers(stone))
                            .as("seed %s round %s", seed, round)
                            .isTrue();
                }
                next = stretch.last() + 1;
            }
            for (int stone = next; stone < STONES; stone++) {
                assertThat(heardAt(candidates, stone)).isFalse();
            }
            assertThat(chosen).as("seed %s round %s", seed, round).hasSize(fewest(candidates));
        }
    }

    private static List<Coverage> random(Random random) {
        List<Coverage> candidates = new ArrayList<>();
        for (int i = 1 + random.nextInt(6); i > 0; i--) {
            candidates.add(new Coverage(random.doubles(STONES, -20, 15).toArray(), 0, random.nextInt(3)));
        }
        return candidates;
    }

    private static boolean heardAt(List<Coverage> candidates, int stone) {
        return candidates.stream().anyMatch(each -> each.covers(stone));
    }

    /** Dynamic programming over the stones: the fewest stretches with that one in use. */
    private static int fewest(List<Coverage> candidates) {
        int none = 1_000;
        int[] using = new int[candidates.size()];
        java.util.Arrays.fill(using, none);
        int idle = 0;
        for (int stone = 0; stone < STONES; stone++) {
            int best = Math.min(idle, java.util.Arrays.stream(using).min().orElse(none));
            int[] next = new int[using.length];
            for (int i = 0; i < using.length; i++) {
                next[i] = candidates.get(i).covers(stone) ? Math.min(using[i], best + 1) : none;
            }
            idle = heardAt(candidates, stone) ? none : best;
            using = next;
        }
        return Math.min(idle, java.util.Arrays.stream(using).min().orElse(none));
    }

    @org.junit.jupiter.api.Test
    void theChangeComesWhereTheNextOneIsHeardAsWell() {
        Coverage first = new Coverage(new double[] {20, 18, 12, 8, 5, 1, -5, -9, -9}, 0, 0);
        Coverage second = new Coverage(new double[] {-9, -2, 1, 9, 12, 15, 18, 20, 20}, 0, 0);
        assertThat(Cover.of(List.of(first, second), STONES))
                .containsExactly(new Cover.Stretch(0, 0, 2), new Cover.Stretch(1, 3, 8));
    }

    /** A break inside is put up with; one at the end, or a longer one, is not. */
    @org.junit.jupiter.api.Test
    void shortBreaksAreBridged() {
        Coverage coverage = new Coverage(new double[] {-1, 5, -1, -1, 4, -1, -1, -1, 6}, 0, 2);
        assertThat(Cover.of(List.of(coverage), STONES))
                .containsExactly(new Cover.Stretch(0, 1, 4), new Cover.Stretch(0, 8, 8));
        assertThat(coverage.weak(1, 4)).isEqualTo(2);
        assertThat(coverage.least(1, 4)).isEqualTo(4);
    }
}
