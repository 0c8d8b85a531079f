package reckonrod.core.recipe;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;

/**
 * A tone or code of one side.
 *
 * @param talk whether of talking, else of listening
 * @param kind which of the two kinds stands there
 * @param none what stands there otherwise
 */
record ToneHolding(boolean talk, Kind kind, String none) implements Holding {
    /** Which tones a column has. */
    enum Kind {
        /** CTCSS in hertz, such as 71.9. */
        CTCSS("ctcss"),
        /** DCS without its polarity, such as 023. */
        CODE("code"),
        /** Either: 71.9 or D023N. */
        EITHER("tone");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        String word() {
            return word;
        }
    }

    private static final Pattern CODE = Pattern.compile("D?([0-7]{1,3})([NI]?)", Pattern.CASE_INSENSITIVE);

    @Override
    public String write(ListedChannel channel, TableForm form) {
        Tone tone = talk ? channel.channel().talkTone() : channel.channel().listenTone();
        if (tone == NoTone.NONE) {
            return none;
        }
        if (tone instanceof CtcssTone ctcss) {
            return kind == Kind.CODE ? none : ctcss.toHertzText().replace('.', form.decimalComma() ? ',' : '.');
        }
        if (tone instanceof DcsCode code) {
            return kind == Kind.CTCSS
                    ? none
                    : kind == Kind.CODE
                            ? code.toOctalText()
                            : "D" + code.toOctalText() + code.polarity().letter();
        }
        throw new UnwritableException(tone + " has no form in a table");
    }

    @Override
    public void read(String cell, ChannelDraft draft, TableForm form) {
        if (cell.isEmpty() || cell.equalsIgnoreCase(none)) {
            // Where another column says that a tone is meant, what stands for none may be that tone.
            draft.perhaps(talk, kind, tone(none, true));
            return;
        }
        draft.tone(talk, kind, tone(cell, false));
    }

    private Tone tone(String cell, boolean lenient) {
        try {
            Matcher code = CODE.matcher(cell);
            boolean isCode = kind == Kind.CODE
                    || kind == Kind.EITHER
                            && cell.toUpperCase(java.util.Locale.ROOT).startsWith("D");
            if (isCode && code.matches()) {
                String octal = code.group(1);
                return DcsCode.parse(
                        "0".repeat(3 - octal.length()) + octal + (code.group(2).equalsIgnoreCase("I") ? "I" : "N"));
            }
            if (!isCode) {
                return CtcssTone.parse(cell.replace(',', '.'));
            }
        } catch (IllegalArgumentException wrong) {
            if (lenient) {
                return NoTone.NONE;
            }
            throw new IllegalArgumentException(expected(cell), wrong);
        }
        if (lenient) {
            return NoTone.NONE;
        }
        throw new IllegalArgumentException(expected(cell));
    }

    private String expected(String cell) {
        return "must be "
                + (kind == Kind.CTCSS
                        ? "a tone such as 71.9"
                        : kind == Kind.CODE ? "a code such as 023" : "a tone such as 71.9 or D023N")
                + (none.isEmpty() ? ", or nothing" : " or " + none) + ", was \"" + cell + "\"";
    }

    @Override
    public String asYaml() {
        return "holds: " + (talk ? "talk " : "listen ") + kind.word()
                + (none.isEmpty() ? "" : ", none: " + RecipeText.quoted(none));
    }
}
