package reckonrod.core.frequency;

import java.math.BigDecimal;

/** The channel spacings in use, each exact: the 8.33 kHz raster is 25 kHz / 3, not 8,330 Hz. */
public enum Raster {
    KHZ_1_25("1.25", 1_250, 1),
    KHZ_5("5", 5_000, 1),
    KHZ_6_25("6.25", 6_250, 1),
    KHZ_8_33("8.33", 25_000, 3),
    KHZ_10("10", 10_000, 1),
    KHZ_12_5("12.5", 12_500, 1),
    KHZ_15("15", 15_000, 1),
    KHZ_20("20", 20_000, 1),
    KHZ_25("25", 25_000, 1),
    KHZ_30("30", 30_000, 1),
    KHZ_50("50", 50_000, 1),
    KHZ_100("100", 100_000, 1);

    private final String kilohertz;
    private final long numerator;
    private final long denominator;

    Raster(String kilohertz, long numerator, long denominator) {
        this.kilohertz = kilohertz;
        this.numerator = numerator;
        this.denominator = denominator;
    }

    /**
     * Reads the spacing in kilohertz: {@code 12.5}, {@code 8.33}.
     *
     * @throws IllegalArgumentException if no raster has that spacing
     */
    public static Raster parse(String kilohertz) {
        for (Raster raster : values()) {
            if (new BigDecimal(raster.kilohertz).compareTo(new BigDecimal(kilohertz.strip())) == 0) {
                return raster;
            }
        }
        throw new IllegalArgumentException(
                "Raster must be 1.25, 5, 6.25, 8.33, 10, 12.5, 15, 20, 25, 30, 50 or 100 kHz, was \"" + kilohertz
                        + "\"");
    }

    /** Whether the spacing is at most so many hertz. */
    public boolean isAtMost(long hertz) {
        return numerator <= hertz * denominator;
    }

    /**
     * Whether the frequency is a whole number of steps from zero. Where the step is no whole number of hertz, the
     * frequency must be the step's nearest hertz.
     */
    public boolean contains(Frequency frequency) {
        return denominator == 1
                ? frequency.hertz() % numerator == 0
                : nearest(frequency).equals(frequency);
    }

    /** The step's frequency that lies nearest, rounded to the hertz where a step is no whole number of hertz. */
    public Frequency nearest(Frequency frequency) {
        long steps = Math.max(1, divideRounded(Math.multiplyExact(frequency.hertz(), denominator), numerator));
        return Frequency.ofHertz(divideRounded(Math.multiplyExact(steps, numerator), denominator));
    }

    /** So many steps on from the step that lies nearest; down for fewer than none. */
    public Frequency stepped(Frequency from, int by) {
        long steps = divideRounded(Math.multiplyExact(nearest(from).hertz(), denominator), numerator) + by;
        return Frequency.ofHertz(divideRounded(Math.multiplyExact(Math.max(1, steps), numerator), denominator));
    }

    private static long divideRounded(long dividend, long divisor) {
        return Math.floorDiv(2 * dividend + divisor, 2 * divisor);
    }

    @Override
    public String toString() {
        return kilohertz + " kHz";
    }
}
