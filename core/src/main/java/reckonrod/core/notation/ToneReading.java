package reckonrod.core.notation;

import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reckonrod.core.finding.Edit;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.Fix;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.Tone;
import reckonrod.core.tone.ToneTable;

/** Reads the tones of a line: alone, behind {@code T} or {@code R}, or as a DCS code. */
final class ToneReading {
    private static final Pattern PREFIXED = Pattern.compile("(ctcss|tone|ct|t|r)(\\d{2,3}(?:\\.\\d)?)?");
    private static final Pattern DCS =
            Pattern.compile("(?<listen>r)?(?<word>dcs|d)?(?<code>[0-7]{3})(?<polarity>[ni])?");
    private static final Pattern NUMBER = Pattern.compile("\\d{2,3}(\\.\\d)?");

    private final String line;
    private final LineParts parts;
    private boolean listenSide;

    ToneReading(String line, LineParts parts) {
        this.line = line;
        this.parts = parts;
    }

    /** Takes a DCS code that is told by its polarity alone, such as {@code 023n}. */
    boolean takeBareDcs(String chunk) {
        char last = chunk.charAt(chunk.length() - 1);
        if (chunk.length() != 4 || (last != 'n' && last != 'i')) {
            return false;
        }
        return takeDcs(chunk);
    }

    /** Takes a prefixed tone or a DCS code; the number behind a lone prefix is taken with it. */
    boolean takeWorded(String chunk, Deque<String> rest) {
        if (takeDcs(chunk)) {
            return true;
        }
        Matcher matcher = PREFIXED.matcher(chunk);
        if (!matcher.matches()) {
            return false;
        }
        String number = matcher.group(2);
        listenSide = matcher.group(1).equals("r");
        if (number != null) {
            return takeNumber(number);
        }
        String next = rest.peek();
        if (next != null && (NUMBER.matcher(next).matches() || DCS.matcher(next).matches())) {
            return true;
        }
        listenSide = false;
        return false;
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
        if (ToneTable.STANDARD.contains(tone)) {
            set(tone);
        } else if (number.contains(".")) {
            reportNotStandard(number, tone);
        } else {
            return false;
        }
        return true;
    }

    /** A polarity left out is the normal one; a second code is the listen tone. */
    private boolean takeDcs(String chunk) {
        Matcher matcher = DCS.matcher(chunk);
        // Three digits alone, as in R100, are hertz.
        if (!matcher.matches() || (matcher.group("word") == null && matcher.group("polarity") == null)) {
            return false;
        }
        listenSide |= matcher.group("listen") != null || parts.talkTone instanceof DcsCode;
        set(DcsCode.parse(matcher.group("code") + ("i".equals(matcher.group("polarity")) ? "I" : "N")));
        return true;
    }

    private void set(Tone tone) {
        boolean listen = listenSide;
        listenSide = false;
        if ((listen ? parts.listenTone : parts.talkTone).isPresent()) {
            parts.findings.add(Finding.of(
                    LineFindings.TWO_TONES,
                    listen ? Field.LISTEN_TONE : Field.TALK_TONE,
                    Map.of("side", listen ? "listen" : "talk", "tone", tone.toString())));
        } else if (listen) {
            parts.listenTone = tone;
        } else {
            parts.talkTone = tone;
        }
    }

    private void reportNotStandard(String number, CtcssTone asked) {
        List<ToneTable.Neighbour> nearest = ToneTable.STANDARD.nearest(asked.tenthsHertz());
        List<Fix> fixes = nearest.stream()
                .map(each -> new Fix(
                        "Use " + each.tone().toHertzText(),
                        new Edit.RewriteLine(replaceLast(number, each.tone().toHertzText()))))
                .toList();
        parts.findings.add(new Finding(
                LineFindings.TONE_NOT_STANDARD,
                listenSide ? Field.LISTEN_TONE : Field.TALK_TONE,
                Map.of(
                        "tone", asked.toHertzText(),
                        "first", nearest.get(0).toString(),
                        "second", nearest.get(1).toString()),
                fixes));
        listenSide = false;
    }

    private String replaceLast(String old, String next) {
        int at = Math.max(line.lastIndexOf(old), line.lastIndexOf(old.replace('.', ',')));
        return Optional.of(at)
                .filter(found -> found >= 0)
                .map(found -> line.substring(0, found) + next + line.substring(found + old.length()))
                .orElse(line);
    }
}
