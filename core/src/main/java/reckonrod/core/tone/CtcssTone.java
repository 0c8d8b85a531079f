package reckonrod.core.tone;

import java.util.regex.Pattern;

/**
 * A CTCSS tone, exact to a tenth of a hertz. Text form: {@code CTCSS 71.9}.
 *
 * @param tenthsHertz the tone in tenths of a hertz, 600 to 2600 (60 to 260 Hz)
 */
public record CtcssTone(int tenthsHertz) implements Tone, Comparable<CtcssTone> {
    private static final Pattern TEXT = Pattern.compile("[0-9]{2,3}([.,][0-9])?");

    public CtcssTone {
        if (tenthsHertz < 600 || tenthsHertz > 2600) {
            throw new IllegalArgumentException("CTCSS tone must be 60.0 to 260.0 Hz, was " + hertzText(tenthsHertz));
        }
    }

    /** A tone of so many tenths of a hertz, 600 to 2600. */
    public static CtcssTone ofTenthsHertz(int tenthsHertz) {
        return new CtcssTone(tenthsHertz);
    }

    /**
     * Reads hertz with at most one decimal: {@code 71.9}, {@code 100}.
     *
     * @throws IllegalArgumentException if the text is not that, or outside 60 to 260 Hz
     */
    public static CtcssTone parse(String hertz) {
        if (!TEXT.matcher(hertz).matches()) {
            throw new IllegalArgumentException(
                    "CTCSS tone must be hertz with at most one decimal, such as 71.9, was \"" + hertz + "\"");
        }
        String tenths = hertz.replace(',', '.');
        return new CtcssTone(Integer.parseInt(tenths.contains(".") ? tenths.replace(".", "") : tenths + "0"));
    }

    /** The tone in hertz without the unit: {@code 71.9}. */
    public String toHertzText() {
        return hertzText(tenthsHertz);
    }

    private static String hertzText(int tenths) {
        return tenths / 10 + "." + Math.abs(tenths % 10);
    }

    @Override
    public int compareTo(CtcssTone other) {
        return Integer.compare(tenthsHertz, other.tenthsHertz);
    }

    @Override
    public String toString() {
        return "CTCSS " + toHertzText();
    }
}
