package reckonrod.core.notation;

/**
 * A line as it is read: in lower case, every dash a hyphen, every blank a blank, full-width digits as digits, and what
 * cannot be seen left out. Each character knows where it stands in the line as typed, so that a mend can replace just what
 * it speaks of.
 */
final class LineText {
    private static final String MINUS_SIGNS = "\u2212\u207b\u208b\u02d7\u2796\u2043\u00ad";
    private static final String PLUS_SIGNS = "\u207a\u208a\u2795\uff0b";
    private static final String POINTS = "\u00b7\u2219\u22c5\u30fb\uff0e\u2027";
    private static final String SLASHES = "\u2044\u2215\uff0f";
    private static final String TALK_ARROWS = "▲△↑⬆⇧";
    private static final String LISTEN_ARROWS = "▼▽↓⬇⇩";
    private static final String ONWARD_ARROWS = "→➔⇒►▶➜";
    private static final String QUOTES = "“”„«»‟";
    private static final int FULL_WIDTH_FIRST = 0xFF01;
    private static final int FULL_WIDTH_LAST = 0xFF5E;
    private static final int FULL_WIDTH_TO_PLAIN = 0xFEE0;

    final char[] text;
    final int[] at;
    final int length;

    LineText(String line) {
        text = new char[line.length()];
        at = new int[line.length() + 1];
        int count = 0;
        for (int i = 0; i < line.length(); i++) {
            char plain = line.charAt(i) < 0x80 ? ascii(line.charAt(i)) : plain(line.charAt(i));
            if (plain != 0) {
                text[count] = plain;
                at[count] = i;
                count++;
            }
        }
        at[count] = line.length();
        length = count;
    }

    private static char ascii(char letter) {
        if (letter >= 'A' && letter <= 'Z') {
            return (char) (letter + 32);
        }
        return letter < ' ' && letter != '\t' ? ' ' : letter;
    }

    /** The character that it is read as; 0 for one that is left out. */
    private static char plain(char letter) {
        int type = Character.getType(letter);
        if (MINUS_SIGNS.indexOf(letter) >= 0 || type == Character.DASH_PUNCTUATION) {
            return '-';
        }
        if (type == Character.FORMAT) {
            return 0;
        }
        if (Character.isSpaceChar(letter) || Character.isWhitespace(letter) || type == Character.CONTROL) {
            return ' ';
        }
        if (PLUS_SIGNS.indexOf(letter) >= 0) {
            return '+';
        }
        if (letter >= FULL_WIDTH_FIRST && letter <= FULL_WIDTH_LAST) {
            return ascii((char) (letter - FULL_WIDTH_TO_PLAIN));
        }
        return drawn(letter);
    }

    private static char drawn(char letter) {
        if (POINTS.indexOf(letter) >= 0) {
            return '.';
        }
        if (SLASHES.indexOf(letter) >= 0) {
            return '/';
        }
        if (TALK_ARROWS.indexOf(letter) >= 0) {
            return '▲';
        }
        if (LISTEN_ARROWS.indexOf(letter) >= 0) {
            return '▼';
        }
        if (ONWARD_ARROWS.indexOf(letter) >= 0) {
            return '>';
        }
        if (QUOTES.indexOf(letter) >= 0) {
            return '"';
        }
        return letter == '’' || letter == '‘' ? '\'' : Character.toLowerCase(letter);
    }

    char charAt(int index) {
        return index >= 0 && index < length ? text[index] : '\0';
    }

    boolean isDigitAt(int index) {
        char letter = charAt(index);
        return letter >= '0' && letter <= '9';
    }

    boolean isLetterAt(int index) {
        char letter = charAt(index);
        return letter >= 'a' && letter <= 'z'
                || letter >= 0x80
                        && (Character.isLetter(letter)
                                || Character.isDigit(letter)
                                || Character.isSurrogate(letter)
                                || Character.getType(letter) == Character.NON_SPACING_MARK);
    }

    String slice(int from, int to) {
        return new String(text, from, to - from);
    }
}
