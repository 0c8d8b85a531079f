package reckonrod.core.frequency;

import java.math.BigDecimal;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The signed distance from the frequency listened on to the frequency talked on: {@code transmit − receive}.
 *
 * <p>The text form is a sign and megahertz, such as {@code −0.600 MHz}; {@link #parse} reads it back, with a plain hyphen
 * too.
 *
 * @param hertz the distance in hertz; negative when the radio talks lower than it listens
 */
public record Shift(long hertz) {
    /** No shift: simplex. */
    public static final Shift NONE = new Shift(0);

    /** The typographic minus sign that every text of this product writes. */
    public static final char MINUS = '\u2212';

    private static final Pattern TEXT = Pattern.compile("([+\\-\u2212])? ?([0-9]+(?:[.,][0-9]+)?)(?: ?MHz)?");

    public Shift {
        if (Math.abs(hertz) > Frequency.MOST_HERTZ) {
            throw new IllegalArgumentException("Shift must be at most 300 GHz, was " + hertz + " Hz");
        }
    }

    /** A shift of so many hertz, negative for talking lower. */
    public static Shift ofHertz(long hertz) {
        return new Shift(hertz);
    }

    /** The shift that leads from one frequency to the other. */
    public static Shift between(Frequency receive, Frequency transmit) {
        return new Shift(Math.subtractExact(transmit.hertz(), receive.hertz()));
    }

    /**
     * Reads {@code -0.6}, {@code +5} or {@code −7.600 MHz}; megahertz, with or without the unit.
     *
     * @throws IllegalArgumentException if the text is not that, or finer than 1 Hz
     */
    public static Shift parse(String text) {
        Matcher matcher = TEXT.matcher(text.strip());
        if (matcher.matches() && text.length() <= 40) {
            try {
                long size = new BigDecimal(matcher.group(2).replace(',', '.'))
                        .movePointRight(6)
                        .longValueExact();
                return new Shift(
                        "+".equals(matcher.group(1)) || matcher.group(1) == null ? size : Math.negateExact(size));
            } catch (ArithmeticException finerThanOneHertz) {
                // Falls through to the one message below.
            }
        }
        throw new IllegalArgumentException(
                "Shift must be a sign and whole hertz written as megahertz, such as -0.600, was \"" + text + "\"");
    }

    /** The distance without its direction, in hertz. */
    public long sizeHertz() {
        return Math.abs(hertz);
    }

    /** {@code −0.600}, {@code +5.000}; {@code 0.000} for none. */
    public String toMegahertzText() {
        return sign() + Megahertz.text(hertz);
    }

    /** The distance as people say it: {@code 600 kHz}, {@code 7.6 MHz}; without its direction. */
    public String toSizeText() {
        long unit = sizeHertz() >= 1_000_000 ? 1_000_000 : 1_000;
        long fraction = sizeHertz() % unit;
        StringBuilder text = new StringBuilder(12).append(sizeHertz() / unit);
        if (fraction > 0) {
            String digits = Long.toString(unit + fraction);
            int end = digits.length();
            while (digits.charAt(end - 1) == '0') {
                end--;
            }
            text.append('.').append(digits, 1, end);
        }
        return text.append(unit == 1_000 ? " kHz" : " MHz").toString();
    }

    private String sign() {
        return hertz == 0 ? "" : hertz < 0 ? String.valueOf(MINUS) : "+";
    }

    @Override
    public String toString() {
        return toMegahertzText() + " MHz";
    }
}
