package reckonrod.core.tone;

import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads a tone as directories and listings print it: {@code 71.9}, {@code CTCSS 71.9 Hz}, {@code 2B}, {@code D023I}, {@code none}. */
public final class PublishedTone {
    private static final Pattern DCS = Pattern.compile("(?:dcs|d)? ?([0-7]{3}) ?([ni])?");
    private static final Set<String> NONE = Set.of(
            "", "none", "no", "-", "--", "0", "0.0", "00.0", "000", "csq", "open", "off", "n/a", "nil", "carrier",
            "kein", "keine", "keiner", "néant", "neant", "aucun", "ninguno");
    private static final Pattern CODE_ALONE = Pattern.compile("[0-7]{1,3} ?[ni]?");

    private PublishedTone() {}

    /**
     * Reads what is printed where DCS codes alone are: {@code 114} is a code there, and no hertz.
     *
     * @throws IllegalArgumentException if the text is neither a DCS code nor a word for none
     */
    public static Tone parseCode(String printed) {
        String text = printed.strip().toLowerCase(Locale.ROOT);
        if (!NONE.contains(text) && CODE_ALONE.matcher(text).matches()) {
            String digits = text.replaceAll("[^0-7]", "");
            return parse("d" + "0".repeat(3 - digits.length()) + text);
        }
        Tone tone = parse(printed);
        if (tone instanceof CtcssTone) {
            throw new IllegalArgumentException(
                    "Code must be a DCS code such as 023 or D023N, or nothing, was \"" + printed + "\"");
        }
        return tone;
    }

    /**
     * Reads a printed tone. A DCS code without its polarity is the normal one.
     *
     * @throws IllegalArgumentException if the text is neither hertz, a two-character code, a DCS code nor a word for none
     */
    public static Tone parse(String printed) {
        String text = printed.strip()
                .toLowerCase(Locale.ROOT)
                .replace("ctcss", "")
                .replaceFirst("^pl ?(?=[0-9])", "")
                .replace("hz", "")
                .strip();
        if (NONE.contains(text)) {
            return NoTone.NONE;
        }
        Matcher dcs = DCS.matcher(text);
        // Three digits alone are hertz, unless a zero leads them: no CTCSS tone is that low.
        if (dcs.matches() && (text.startsWith("d") || text.charAt(0) == '0')) {
            return DcsCode.parse(
                    dcs.group(1) + (dcs.group(2) == null ? "N" : dcs.group(2).toUpperCase(Locale.ROOT)));
        }
        Optional<CtcssTone> code = ToneTable.ofTwoCharacterCode(text.toUpperCase(Locale.ROOT));
        if (code.isPresent()) {
            return code.get();
        }
        try {
            return CtcssTone.parse(text);
        } catch (IllegalArgumentException neither) {
            throw new IllegalArgumentException(
                    "Tone must be hertz such as 71.9, a DCS code such as D023N, or nothing, was \"" + printed + "\"",
                    neither);
        }
    }
}
