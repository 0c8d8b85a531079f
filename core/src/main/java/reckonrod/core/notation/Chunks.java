package reckonrod.core.notation;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.StringTokenizer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reckonrod.core.frequency.Shift;

/** Cuts a line into the name in front and the chunks behind it. */
final class Chunks {
    private static final Pattern DECIMAL_COMMA = Pattern.compile("(?<![\\d.,])(\\d{1,4}),(\\d+)(?![\\d.,])");
    private static final Pattern UNIT_APART = Pattern.compile("(?i)(?<=\\d) (?=(?:[kmg]?hz)\\b)");
    private static final Pattern GROUPED_WITH_UNIT =
            Pattern.compile("(?i)(?<![\\d.,])(\\d{1,4})((?:[ \u00a0]\\d{3}){1,3})((?:[.,]\\d+)?) ?([kmg]?hz)\\b");
    private static final Pattern GROUPED_BY_POINTS =
            Pattern.compile("(?<![\\d.,])(\\d{1,4})\\.(\\d{3})\\.(\\d{1,3})(?![\\d.,])");
    private static final Pattern GROUPED_KILOHERTZ =
            Pattern.compile("(?i)(?<![\\d.,])(\\d{1,4}),(\\d{3}\\.\\d{1,3})(?= ?khz\\b)");
    private static final Pattern QUOTED = Pattern.compile("^\\s*\"((?:[^\"]|\"\")*)\"");
    private static final Set<String> SIDE_WORDS =
            Set.of("rx", "listen", "output", "downlink", "tx", "talk", "input", "uplink");
    private static final Pattern FREQUENCY =
            Pattern.compile("\\d+(\\.\\d+(mhz|khz|hz|ghz)?|(mhz|khz|hz|ghz)|(?<=\\d{5}))([+\\-/>].*)?");
    private static final Pattern WHOLE_NUMBER = Pattern.compile("\\d+[+\\-]?");
    // Only a frequency has a sign at its back: 145.310-0.6, but not 2024-05.
    private static final Pattern JOINED =
            Pattern.compile("(\\d+\\.\\d+(?:mhz|khz)?|\\d{5,}(?:khz|hz)?)([+\\-])(\\d.*)");
    private static final String SINGLE_MARKS = "/()[]\":";
    private static final String SEPARATORS = " \t\n\r\f\u000b\u00a0,;|";

    final String name;
    final Deque<String> rest;

    private Chunks(String name, Deque<String> rest) {
        this.name = name;
        this.rest = rest;
    }

    static Chunks of(String line) {
        String text = normal(line);
        String name = "";
        if (text.indexOf('"') >= 0) {
            Matcher quoted = QUOTED.matcher(text);
            if (quoted.find()) {
                name = quoted.group(1).replace("\"\"", "\"");
                text = text.substring(quoted.end());
            }
        }
        List<String> words = new ArrayList<>();
        StringTokenizer tokens = new StringTokenizer(text, SEPARATORS);
        while (tokens.hasMoreTokens()) {
            words.add(tokens.nextToken());
        }
        int start = firstFrequency(words);
        int keyword = start > 0 && isSideWord(words.get(start - 1)) ? start - 1 : start;
        if (name.isEmpty()) {
            name = String.join(" ", words.subList(0, keyword));
        } else {
            keyword = 0;
        }
        Deque<String> rest = new ArrayDeque<>();
        words.subList(keyword, words.size()).forEach(word -> cut(word.toLowerCase(Locale.ROOT), rest));
        return new Chunks(name, rest);
    }

    // Each pattern is tried only where its mark is there: most lines have none of them.
    private static String normal(String line) {
        String text = line.replace(Shift.MINUS, '-')
                .replace('–', '-')
                .replace('▲', '>')
                .replace('→', '>')
                .replace('▽', ' ');
        if (mayBeGrouped(text)) {
            text = GROUPED_BY_POINTS.matcher(text).replaceAll("$1.$2$3");
        }
        if (text.indexOf('z') >= 0 || text.indexOf('Z') >= 0) {
            text = GROUPED_KILOHERTZ.matcher(text).replaceAll("$1$2");
            text = GROUPED_WITH_UNIT
                    .matcher(text)
                    .replaceAll(match -> match.group(1)
                            + match.group(2).replace(" ", "").replace("\u00a0", "")
                            + match.group(3)
                            + match.group(4));
            text = UNIT_APART.matcher(text).replaceAll("");
        }
        if (text.indexOf(',') >= 0) {
            text = DECIMAL_COMMA.matcher(text).replaceAll("$1.$2");
        }
        return text;
    }

    private static boolean mayBeGrouped(String text) {
        for (int dot = text.indexOf('.'); dot >= 0 && dot + 4 < text.length(); dot = text.indexOf('.', dot + 1)) {
            if (text.charAt(dot + 4) == '.') {
                return true;
            }
        }
        return false;
    }

    /** Whether a word in front of a frequency says whose side it is, and so is no part of the name. */
    static boolean isSideWord(String word) {
        String plain = word.endsWith(":") ? word.substring(0, word.length() - 1) : word;
        return SIDE_WORDS.contains(plain.toLowerCase(Locale.ROOT));
    }

    // A name may hold small whole numbers (LEG 1), so those are a frequency only when nothing better is there.
    private static int firstFrequency(List<String> words) {
        for (Pattern pattern : List.of(FREQUENCY, WHOLE_NUMBER)) {
            for (int i = 0; i < words.size(); i++) {
                String word = words.get(i);
                if (isDigit(word.charAt(0))
                        && pattern.matcher(word.toLowerCase(Locale.ROOT)).matches()) {
                    return i;
                }
            }
        }
        return words.size();
    }

    private static boolean isDigit(char letter) {
        return letter >= '0' && letter <= '9';
    }

    private static void cut(String word, Deque<String> into) {
        StringTokenizer parts = new StringTokenizer(word, "/>()[]\":", true);
        while (parts.hasMoreTokens()) {
            String part = parts.nextToken();
            Matcher joined = isSigned(part) ? JOINED.matcher(part) : null;
            if (joined != null && joined.matches()) {
                into.add(joined.group(1));
                into.add(joined.group(2) + joined.group(3));
            } else if (part.length() > 1 || SINGLE_MARKS.indexOf(part.charAt(0)) < 0) {
                into.add(part);
            }
        }
    }

    private static boolean isSigned(String part) {
        return part.indexOf('-', 1) > 0 || part.indexOf('+', 1) > 0;
    }
}
