package reckonrod.core.frequency;

/**
 * A stretch of spectrum with both edges inside it.
 *
 * @param lower the lowest frequency in it
 * @param upper the highest frequency in it, not below {@code lower}
 */
public record FrequencyRange(Frequency lower, Frequency upper) {
    public FrequencyRange {
        if (upper.compareTo(lower) < 0) {
            throw new IllegalArgumentException(
                    "Upper edge must be at or above the lower edge " + lower + ", was " + upper);
        }
    }

    /**
     * Reads {@code 145.200-145.495}, both in megahertz.
     *
     * @throws IllegalArgumentException if either edge is no frequency or they are the wrong way round
     */
    public static FrequencyRange parse(String text) {
        int dash = text.indexOf('-');
        if (dash < 0) {
            throw new IllegalArgumentException(
                    "Range must be two frequencies with a hyphen, such as 145.200-145.495, was \"" + text + "\"");
        }
        return new FrequencyRange(Frequency.parse(text.substring(0, dash)), Frequency.parse(text.substring(dash + 1)));
    }

    /** Whether the frequency lies in this range, edges included. */
    public boolean contains(Frequency frequency) {
        return lower.hertz() <= frequency.hertz() && frequency.hertz() <= upper.hertz();
    }

    /** Whether all of the other range lies in this one. */
    public boolean contains(FrequencyRange other) {
        return contains(other.lower) && contains(other.upper);
    }

    /** Whether the two have a frequency in common. */
    public boolean overlaps(FrequencyRange other) {
        return contains(other.lower) || other.contains(lower);
    }

    /** {@code 144.000–148.000 MHz}. */
    public String toWords() {
        return lower.toMegahertzText() + "–" + upper;
    }

    @Override
    public String toString() {
        return lower.toMegahertzText() + "-" + upper.toMegahertzText();
    }
}
