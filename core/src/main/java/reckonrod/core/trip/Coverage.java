package reckonrod.core.trip;

import java.util.Arrays;

/** How well one repeater is heard along a way, at its milestones. */
final class Coverage {
    private final double[] margins;

    /**
     * A coverage.
     *
     * @param margins the margin of the worse direction at each milestone, in decibels; negative infinity where it was ruled
     *     out
     */
    Coverage(double... margins) {
        this.margins = margins.clone();
    }

    double margin(int stone) {
        return margins[stone];
    }

    boolean covers(int stone, double needed) {
        return margins[stone] >= needed;
    }

    /** The last milestone up to which it is heard without a break from that one on. */
    int runEnd(int stone, double needed) {
        int end = stone;
        while (end + 1 < margins.length && covers(end + 1, needed)) {
            end++;
        }
        return end;
    }

    /** The first milestone from which on it is heard without a break up to that one. */
    int runStart(int stone, double needed) {
        int start = stone;
        while (start > 0 && covers(start - 1, needed)) {
            start--;
        }
        return start;
    }

    double mean(int first, int last) {
        return Arrays.stream(margins, first, last + 1).average().orElse(Double.NEGATIVE_INFINITY);
    }

    double least(int first, int last) {
        return Arrays.stream(margins, first, last + 1).min().orElse(Double.NEGATIVE_INFINITY);
    }
}
