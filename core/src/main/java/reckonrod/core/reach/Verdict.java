package reckonrod.core.reach;

/** Whether a signal will be understood, best first. */
public enum Verdict {
    /** In about nine places of ten: a margin of 10 dB or more. */
    LIKELY,
    /** Here and there: a margin of 0 to 10 dB. */
    MARGINAL,
    /** In fewer than half of the places: no margin at all. */
    UNLIKELY;

    private static final double LIKELY_FROM = 10;

    /** The verdict on a margin in decibels. */
    static Verdict of(double margin) {
        return margin >= LIKELY_FROM ? LIKELY : margin >= 0 ? MARGINAL : UNLIKELY;
    }

    /** The worse of two. */
    Verdict or(Verdict other) {
        return compareTo(other) >= 0 ? this : other;
    }
}
