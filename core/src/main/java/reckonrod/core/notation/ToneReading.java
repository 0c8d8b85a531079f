package reckonrod.core.notation;

import java.math.BigDecimal;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reckonrod.core.check.ToneTableCheck;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.Fix;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.ReversedTone;
import reckonrod.core.tone.Tone;
import reckonrod.core.tone.ToneTable;

/** Reads the tones of a line: alone, behind a word that says the side, as a DCS code or a two-character code. */
final class ToneReading {
    /** The side that the next tone belongs to, as the words before it say. */
    private enum Side {
        TALK,
        LISTEN,
        BOTH,
        REVERSED
    }

    private static final Pattern PREFIXED = Pattern.compile(
            "(ctcss|tone|ct|t|r|tr|both|rev|reversed|enc|encode|dec|decode)-?(\\d{2,3}(?:\\.\\d)?|[\\dmwxyz][\\dabz])?");
    private static final Pattern DCS =
            Pattern.compile("(?<listen>r)?(?<word>dcs-?|d-?)?(?<code>\\d{2,3})(?<polarity>[ni])?");
    private static final Pattern DCS_ALONE = Pattern.compile("(?<listen>r)?(?:dcs|d)");
    private static final Pattern NUMBER = Pattern.compile("\\d{2,3}(\\.\\d)?");
    private static final Set<String> NO_TONE = Set.of("off", "none", "no", "csq");
    private static final Set<String> UPRIGHT = Set.of("n", "normal");
    private static final Set<String> INVERTED = Set.of("i", "inv", "inverted");

    private final String line;
    private final LineParts parts;
    private Side side = Side.TALK;
    private boolean codeFollows;

    ToneReading(String line, LineParts parts) {
        this.line = line;
        this.parts = parts;
    }

    /** Takes a DCS code that is told by its polarity alone, such as {@code 023n}, or by the word in front. */
    boolean takeBareDcs(String chunk, Deque<String> rest) {
        char last = chunk.charAt(chunk.length() - 1);
        boolean marked = chunk.length() == 4 && (last == 'n' || last == 'i');
        if (!marked && !(codeFollows && DCS.matcher(chunk).matches())) {
            return false;
        }
        return takeDcs(chunk, rest);
    }

    /** Takes a word that says whose side the tone behind it is: {@code talk tone 71.9}. */
    void nextIsOf(boolean listenSide) {
        side = listenSide ? Side.LISTEN : Side.TALK;
    }

    /** Takes a prefixed tone or a DCS code; the number behind a lone prefix is taken with it. */
    boolean takeWorded(String chunk, Deque<String> rest) {
        if (takeDcs(chunk, rest)) {
            return true;
        }
        Matcher alone = DCS_ALONE.matcher(chunk);
        if (alone.matches() && isCode(rest.peek())) {
            codeFollows = true;
            side = alone.group("listen") == null ? side : Side.LISTEN;
            return true;
        }
        Matcher matcher = PREFIXED.matcher(chunk);
        if (!matcher.matches()) {
            return false;
        }
        Side before = side;
        side = sideOf(matcher.group(1));
        String number = matcher.group(2);
        if (number != null) {
            if (takeNumber(number) || takeTwoCharacters(number)) {
                return true;
            }
        } else if (rest.peek() != null && isTone(rest.peek())) {
            return true;
        } else if (rest.peek() != null && NO_TONE.contains(rest.peek())) {
            rest.remove();
            side = Side.TALK;
            return true;
        }
        side = before;
        return false;
    }

    /** Whether a chunk could be the tone that a word in front announced. */
    static boolean isTone(String chunk) {
        return NUMBER.matcher(chunk).matches()
                || isCode(chunk)
                || DCS_ALONE.matcher(chunk).matches()
                || PREFIXED.matcher(chunk).matches()
                || ToneTable.ofTwoCharacterCode(chunk).isPresent();
    }

    private static boolean isCode(String chunk) {
        return chunk != null && DCS.matcher(chunk).matches();
    }

    private Side sideOf(String word) {
        return switch (word) {
            case "r", "dec", "decode" -> Side.LISTEN;
            case "tr", "both" -> Side.BOTH;
            case "rev", "reversed" -> Side.REVERSED;
            case "ctcss", "tone", "ct" -> side;
            default -> Side.TALK;
        };
    }

    /** Takes the two-character code of a printed directory. */
    boolean takeTwoCharacters(String chunk) {
        Optional<CtcssTone> tone = ToneTable.ofTwoCharacterCode(chunk);
        tone.ifPresent(each -> set(each, chunk));
        return tone.isPresent();
    }

    /** Takes a bare number if it looks like a tone; one that is no standard tone is reported, and never rounded. */
    boolean takeNumber(String number) {
        if (!NUMBER.matcher(number).matches()) {
            return false;
        }
        CtcssTone tone;
        try {
            tone = CtcssTone.parse(number);
        } catch (IllegalArgumentException outOfRange) {
            return false;
        }
        if (ToneTable.EXTENDED.contains(tone) || number.contains(".")) {
            set(tone, number);
            return true;
        }
        return false;
    }

    /** Takes a figure with two decimals, which no tone has: it is reported with the nearest, and none is chosen. */
    void reportTooFine(String number) {
        BigDecimal hertz = new BigDecimal(number);
        Finding unknown = ToneTableCheck.unknown(hertz, field());
        List<Fix> fixes = ToneTable.STANDARD.nearest(hertz).stream()
                .map(each -> each.tone().toHertzText())
                .flatMap(tone -> Rewriting.fix("Use " + tone, line, number, tone).stream())
                .toList();
        parts.findings.add(new Finding(unknown.kind(), unknown.field(), unknown.facts(), fixes));
    }

    /** A polarity left out is the normal one; a second code is the listen tone. */
    private boolean takeDcs(String chunk, Deque<String> rest) {
        Matcher matcher = DCS.matcher(chunk);
        // Three digits alone, as in R100, are hertz.
        if (!matcher.matches()
                || (matcher.group("word") == null && matcher.group("polarity") == null && !codeFollows)) {
            return false;
        }
        codeFollows = false;
        if (matcher.group("listen") != null || parts.talkTone instanceof DcsCode) {
            side = side == Side.BOTH ? side : Side.LISTEN;
        }
        boolean inverted = "i".equals(matcher.group("polarity"))
                || matcher.group("polarity") == null && isPolarity(rest.peek()) && INVERTED.contains(rest.poll());
        code(matcher.group("code"), inverted, chunk);
        return true;
    }

    private static boolean isPolarity(String word) {
        return word != null && (UPRIGHT.contains(word) || INVERTED.contains(word));
    }

    private void code(String digits, boolean inverted, String chunk) {
        String three = digits.length() == 2 ? "0" + digits : digits;
        if (three.indexOf('8') >= 0 || three.indexOf('9') >= 0) {
            parts.findings.add(ToneTableCheck.notOctal(three, field()));
            side = Side.TALK;
            return;
        }
        if (digits.length() == 2) {
            parts.findings.add(Finding.of(LineFindings.SHORT_CODE, field(), Map.of("said", digits, "code", three)));
        }
        set(DcsCode.parse(three + (inverted ? "I" : "N")), chunk);
    }

    private void set(Tone tone, String typed) {
        Field field = field();
        Optional<Finding> unknown = ToneTableCheck.unknown(tone, field);
        Side now = side;
        side = Side.TALK;
        if (unknown.isPresent()) {
            report(unknown.get(), tone, typed);
            return;
        }
        if (now == Side.TALK || now == Side.BOTH) {
            setTalk(tone, typed);
        }
        if (now != Side.TALK) {
            setListen(now == Side.REVERSED && tone instanceof CtcssTone ctcss ? new ReversedTone(ctcss) : tone);
        }
    }

    private Field field() {
        return side == Side.LISTEN || side == Side.REVERSED ? Field.LISTEN_TONE : Field.TALK_TONE;
    }

    private void setTalk(Tone tone, String typed) {
        if (!parts.talkTone.isPresent()) {
            parts.talkTone = tone;
            return;
        }
        boolean bare = tone instanceof CtcssTone && Character.isDigit(typed.charAt(0));
        parts.findings.add(new Finding(
                LineFindings.TWO_TONES,
                Field.TALK_TONE,
                Map.of("side", "talk", "tone", tone.toString()),
                bare && !parts.listenTone.isPresent()
                        ? asListenTone(typed).stream().toList()
                        : List.of()));
    }

    private Optional<Fix> asListenTone(String typed) {
        String label = "Make " + typed + " the listen tone";
        return Rewriting.ofWord(label, line, "T" + typed, "R" + typed)
                .or(() -> Rewriting.fix(label, line, typed, "R" + typed));
    }

    private void setListen(Tone tone) {
        if (!parts.listenTone.isPresent()) {
            parts.listenTone = tone;
            return;
        }
        parts.findings.add(Finding.of(
                LineFindings.TWO_TONES, Field.LISTEN_TONE, Map.of("side", "listen", "tone", tone.toString())));
    }

    private void report(Finding unknown, Tone tone, String typed) {
        List<Fix> fixes = ToneTableCheck.nearest(tone).stream()
                .flatMap(each -> fix(each, typed).stream())
                .toList();
        parts.findings.add(new Finding(unknown.kind(), unknown.field(), unknown.facts(), fixes));
    }

    private Optional<Fix> fix(Tone next, String typed) {
        if (next instanceof DcsCode code) {
            String words = (typed.startsWith("r") ? "R" : "") + "D" + code.toOctalText()
                    + code.polarity().letter();
            return Rewriting.ofWord("Use " + code, line, typed, words);
        }
        CtcssTone tone = next instanceof ReversedTone reversed ? reversed.tone() : (CtcssTone) next;
        return Rewriting.ofWord("Use " + tone.toHertzText(), line, typed, tone.toHertzText())
                .or(() -> Rewriting.fix("Use " + tone.toHertzText(), line, typed, tone.toHertzText()));
    }
}
