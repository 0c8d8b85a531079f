package reckonrod.core.frequency;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A radio frequency, exact to the hertz.
 *
 * <p>The text form is megahertz with at least three decimals and the unit, such as {@code 145.6125 MHz}; {@link #parse}
 * reads it back.
 *
 * @param hertz the frequency in hertz, 1 to 300,000,000,000 (300 GHz)
 */
public record Frequency(long hertz) implements Comparable<Frequency> {
    /** The highest frequency that can be written down here, in hertz: 300 GHz. */
    public static final long MOST_HERTZ = 300_000_000_000L;

    private static final Pattern WITH_UNIT = Pattern.compile("([0-9][0-9 ]*(?:[.,][0-9]+)?) *(hz|khz|mhz|ghz)?");

    public Frequency {
        if (hertz < 1 || hertz > MOST_HERTZ) {
            throw new IllegalArgumentException("Frequency must be 1 Hz to 300 GHz, was " + hertz + " Hz");
        }
    }

    /**
     * A frequency of so many hertz.
     *
     * @param hertz 1 to {@link #MOST_HERTZ}
     * @throws IllegalArgumentException outside that range
     */
    public static Frequency ofHertz(long hertz) {
        return new Frequency(hertz);
    }

    /**
     * Reads {@code 145.6125}, {@code 145,6125}, {@code 145.6125 MHz}, {@code 145612.5 kHz} or {@code 145 612 500 Hz}.
     * Without a unit the number is megahertz, and must have a decimal mark or at most four digits, so that a number keyed
     * without its point is never taken for gigahertz.
     *
     * @throws IllegalArgumentException if the text is none of these, finer than 1 Hz, or out of range
     */
    public static Frequency parse(String text) {
        Matcher matcher = WITH_UNIT.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (!matcher.matches() || text.length() > 40) {
            throw unreadable(text, "a number such as 145.650, with MHz, kHz or Hz behind it if you like");
        }
        String digits = matcher.group(1).replace(" ", "").replace(',', '.');
        String unit = matcher.group(2);
        if (unit == null && digits.length() > 4 && digits.indexOf('.') < 0) {
            throw unreadable(text, "megahertz with a decimal mark, such as 145.650");
        }
        return ofExact(new BigDecimal(digits).movePointRight(exponent(unit)), text);
    }

    private static int exponent(String unit) {
        if (unit == null) {
            return 6;
        }
        return switch (unit) {
            case "hz" -> 0;
            case "khz" -> 3;
            case "ghz" -> 9;
            default -> 6;
        };
    }

    private static Frequency ofExact(BigDecimal hertz, String text) {
        try {
            return new Frequency(hertz.longValueExact());
        } catch (ArithmeticException finerThanOneHertz) {
            throw unreadable(text, "a whole number of hertz, at most 300 GHz");
        }
    }

    private static IllegalArgumentException unreadable(String text, String rule) {
        return new IllegalArgumentException("Frequency must be " + rule + ", was \"" + text + "\"");
    }

    /**
     * The frequency that lies so far from this one.
     *
     * @throws IllegalArgumentException if that is no frequency
     */
    public Frequency plus(Shift shift) {
        return new Frequency(Math.addExact(hertz, shift.hertz()));
    }

    /** This frequency in megahertz without the unit: {@code 145.650}, {@code 446.00625}. */
    public String toMegahertzText() {
        return Megahertz.text(hertz);
    }

    @Override
    public String toString() {
        return toMegahertzText() + " MHz";
    }

    @Override
    public int compareTo(Frequency other) {
        return Long.compare(hertz, other.hertz);
    }
}
