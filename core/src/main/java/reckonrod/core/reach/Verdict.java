package reckonrod.core.reach;

/** Whether a signal will be understood, best first. */
public enum Verdict {
    /** In about nine places of ten: a margin of 10 dB or more. */
    LIKELY(10),
    /** Here and there: a margin of 0 to 10 dB. */
    MARGINAL(0),
    /** In fewer than half of the places: no margin at all. */
    UNLIKELY(Double.NEGATIVE_INFINITY);

    private final double leastMargin;

    Verdict(double leastMargin) {
        this.leastMargin = leastMargin;
    }

    /** The least margin, in decibels, that is called so. */
    public double leastMarginDecibels() {
        return leastMargin;
    }

    /** The verdict on a margin in decibels. */
    static Verdict of(double margin) {
        return margin >= LIKELY.leastMargin ? LIKELY : margin >= MARGINAL.leastMargin ? MARGINAL : UNLIKELY;
    }

    /** The worse of two. */
    Verdict or(Verdict other) {
        return compareTo(other) >= 0 ? this : other;
    }
}
