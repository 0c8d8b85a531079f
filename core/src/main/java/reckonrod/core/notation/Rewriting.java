package reckonrod.core.notation;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reckonrod.core.finding.Edit;
import reckonrod.core.finding.Fix;

/** Makes fixes that replace one figure of the line and keep all else as typed. */
final class Rewriting {
    private static final Pattern UNIT = Pattern.compile("[kmg]?hz$");

    private Rewriting() {}

    /**
     * The fix that puts other words in place of a figure; absent when the figure does not stand in the line as it was read.
     *
     * @param figure the figure in lower case with a decimal point, with its unit if it has one
     */
    static Optional<Fix> fix(String label, String line, String figure, String next) {
        Matcher unit = UNIT.matcher(figure);
        boolean hasUnit = unit.find();
        String digits = hasUnit ? figure.substring(0, unit.start()) : figure;
        String pattern = Pattern.quote(digits).replace(".", "\\E[.,]\\Q") + (hasUnit ? "\\s*" + unit.group() : "");
        Matcher matcher =
                Pattern.compile("(?i)(?<![\\d.,])" + pattern + "(?!\\d)").matcher(line);
        int from = -1;
        int to = -1;
        while (matcher.find()) {
            from = matcher.start();
            to = matcher.end();
        }
        return from < 0
                ? Optional.empty()
                : Optional.of(
                        new Fix(label, new Edit.RewriteLine(line.substring(0, from) + next + line.substring(to))));
    }

    /** The same for a word, whatever its case. */
    static Optional<Fix> ofWord(String label, String line, String word, String next) {
        int at = line.toLowerCase(Locale.ROOT).lastIndexOf(word.toLowerCase(Locale.ROOT));
        return at < 0
                ? Optional.empty()
                : Optional.of(new Fix(
                        label,
                        new Edit.RewriteLine(line.substring(0, at) + next + line.substring(at + word.length()))));
    }
}
