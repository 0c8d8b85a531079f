package reckonrod.core.air;

/**
 * How well two stations hear each other.
 *
 * @param there what arrives at the other above what it needs, in decibels; negative where it does not hear
 * @param here the same of what arrives from the other
 */
public record Margins(double there, double here) {
    /** Where nobody knows the way between the two, nothing is taken to be in the way. */
    public static final Margins NOT_KNOWN = new Margins(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY);

    /** The same with so much more lost on the way, in decibels. */
    public Margins less(double decibels) {
        return new Margins(there - decibels, here - decibels);
    }

    /** The same when this station sends so many decibels more. */
    public Margins louder(double decibels) {
        return new Margins(there + decibels, here);
    }

    /** The worse of the two. */
    public double worse() {
        return Math.min(there, here);
    }
}
