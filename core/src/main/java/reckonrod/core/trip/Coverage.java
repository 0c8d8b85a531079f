package reckonrod.core.trip;

import java.util.Arrays;
import java.util.stream.IntStream;

/** Where along a way one repeater is heard well enough, at its milestones. */
final class Coverage {
    private final double[] margins;
    private final double needed;
    private final boolean[] served;

    /**
     * A coverage.
     *
     * @param margins the margin of the worse direction at each milestone, in decibels; negative infinity where it was ruled
     *     out
     * @param needed the margin from which on it counts as heard
     * @param bridged breaks of at most so many milestones do not count as breaks
     */
    Coverage(double[] margins, double needed, int bridged) {
        this.margins = margins.clone();
        this.needed = needed;
        this.served = new boolean[margins.length];
        int lastHeard = -1;
        for (int stone = 0; stone < margins.length; stone++) {
            if (margins[stone] >= needed) {
                int from = lastHeard >= 0 && stone - lastHeard - 1 <= bridged ? lastHeard : stone;
                Arrays.fill(served, from, stone + 1, true);
                lastHeard = stone;
            }
        }
    }

    double margin(int stone) {
        return margins[stone];
    }

    boolean covers(int stone) {
        return served[stone];
    }

    /** The last milestone up to which it is heard without a break from that one on. */
    int runEnd(int stone) {
        int end = stone;
        while (end + 1 < served.length && served[end + 1]) {
            end++;
        }
        return end;
    }

    /** The first milestone from which on it is heard without a break up to that one. */
    int runStart(int stone) {
        int start = stone;
        while (start > 0 && served[start - 1]) {
            start--;
        }
        return start;
    }

    double mean(int first, int last) {
        return heard(first, last).average().orElse(Double.NEGATIVE_INFINITY);
    }

    /** The least margin where it is heard at all. */
    double least(int first, int last) {
        return heard(first, last).min().orElse(Double.NEGATIVE_INFINITY);
    }

    private java.util.stream.DoubleStream heard(int first, int last) {
        return Arrays.stream(margins, first, last + 1).filter(margin -> margin >= needed);
    }

    /** How many milestones of a stretch are bridged breaks. */
    int weak(int first, int last) {
        return (int) IntStream.rangeClosed(first, last)
                .filter(stone -> margins[stone] < needed)
                .count();
    }
}
