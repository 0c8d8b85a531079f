package reckonrod.core.trip;

import java.util.ArrayList;
import java.util.List;

/**
 * Chooses, milestone by milestone, who serves a way with the fewest changes. Each repeater serves a stretch without a break;
 * where nobody is heard there is a gap. Taking the one that is heard farthest from the first uncovered milestone on is
 * exactly optimal for covering a line by intervals.
 */
final class Cover {
    /**
     * A stretch of milestones that one repeater serves.
     *
     * @param candidate its number among the candidates
     * @param first the first milestone, where one changes to it
     * @param last the last one
     */
    record Stretch(int candidate, int first, int last) {}

    private Cover() {}

    static List<Stretch> of(List<Coverage> candidates, int stones) {
        List<Stretch> chosen = new ArrayList<>();
        int at = 0;
        while (at < stones) {
            int best = farthest(candidates, at);
            if (best < 0) {
                at++;
            } else {
                int end = candidates.get(best).runEnd(at);
                chosen.add(new Stretch(best, at, end));
                at = end + 1;
            }
        }
        return withBestChanges(chosen, candidates);
    }

    // Of several that are heard equally far, the one heard best on the way there.
    private static int farthest(List<Coverage> candidates, int at) {
        int best = -1;
        int bestEnd = -1;
        for (int i = 0; i < candidates.size(); i++) {
            Coverage each = candidates.get(i);
            if (!each.covers(at)) {
                continue;
            }
            int end = each.runEnd(at);
            if (end > bestEnd
                    || end == bestEnd
                            && each.mean(at, end) > candidates.get(best).mean(at, end)) {
                best = i;
                bestEnd = end;
            }
        }
        return best;
    }

    /** Where two stretches overlap, the change comes where the next one is first heard as well as the one before it. */
    private static List<Stretch> withBestChanges(List<Stretch> chosen, List<Coverage> candidates) {
        List<Stretch> result = new ArrayList<>(chosen);
        for (int i = 1; i < result.size(); i++) {
            Stretch before = result.get(i - 1);
            Stretch next = result.get(i);
            if (before.last() + 1 != next.first()) {
                continue;
            }
            Coverage leaving = candidates.get(before.candidate());
            Coverage coming = candidates.get(next.candidate());
            int from = Math.max(before.first() + 1, coming.runStart(next.first()));
            for (int stone = from; stone < next.first(); stone++) {
                if (coming.margin(stone) >= leaving.margin(stone)) {
                    result.set(i - 1, new Stretch(before.candidate(), before.first(), stone - 1));
                    result.set(i, new Stretch(next.candidate(), stone, next.last()));
                    break;
                }
            }
        }
        return result;
    }
}
