package reckonrod.core.tone;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A DCS code with its polarity. Text form: {@code DCS 023 N}.
 *
 * @param code the code as a number, 0 to 511; written as three octal digits
 * @param polarity whether the word is sent upright or inverted
 */
public record DcsCode(int code, Polarity polarity) implements Tone {
    /** Whether a DCS word is sent upright (N) or with every bit inverted (I). */
    public enum Polarity {
        NORMAL("N"),
        INVERTED("I");

        private final String letter;

        Polarity(String letter) {
            this.letter = letter;
        }

        /** N or I. */
        public String letter() {
            return letter;
        }

        /** The other polarity. */
        public Polarity other() {
            return this == NORMAL ? INVERTED : NORMAL;
        }
    }

    /** The highest code: octal 777. */
    public static final int MOST = 0777;

    /** How many bits go on the air, over and over. */
    public static final int WORD_BITS = GolayWord.BITS;

    private static final Pattern TEXT = Pattern.compile("([0-7]{3}) ?([NI])");

    public DcsCode {
        if (code < 0 || code > MOST) {
            throw new IllegalArgumentException("DCS code must be octal 000 to 777, was " + Integer.toOctalString(code));
        }
    }

    /**
     * Reads {@code 023 N} or {@code 023I}.
     *
     * @throws IllegalArgumentException if the text is not three octal digits and N or I
     */
    public static DcsCode parse(String text) {
        Matcher matcher = TEXT.matcher(text);
        if (!matcher.matches()) {
            throw new IllegalArgumentException(
                    "DCS code must be three octal digits and N or I, such as 023 N, was \"" + text + "\"");
        }
        return new DcsCode(
                Integer.parseInt(matcher.group(1), 8),
                matcher.group(2).equals("N") ? Polarity.NORMAL : Polarity.INVERTED);
    }

    /** The same code with the other polarity. */
    public DcsCode inverted() {
        return new DcsCode(code, polarity.other());
    }

    /** The 23-bit word that goes on the air, as {@link GolayWord} builds it; inverted for the inverted polarity. */
    public int word() {
        int word = GolayWord.ofCode(code);
        return polarity == Polarity.NORMAL ? word : GolayWord.inverted(word);
    }

    /** Whether a receiver cannot tell the two apart: their words are rotations of each other. */
    public boolean soundsLike(DcsCode other) {
        return GolayWord.canonicalRotation(word()) == GolayWord.canonicalRotation(other.word());
    }

    /** The three octal digits: {@code 023}. */
    public String toOctalText() {
        return Integer.toOctalString(01000 + code).substring(1);
    }

    @Override
    public String toString() {
        return "DCS " + toOctalText() + " " + polarity.letter();
    }
}
