package reckonrod.core.finding;

import java.util.Map;
import java.util.regex.Pattern;

/**
 * A kind of finding.
 *
 * @param code its stable name, lower case with hyphens
 * @param severity how grave it is
 * @param sentence what was found, in one plain sentence; {@code {name}} is filled from the facts
 * @param why why it matters, in one sentence; filled likewise
 */
public record FindingKind(String code, Severity severity, String sentence, String why) {
    private static final Pattern CODE = Pattern.compile("[a-z]+(-[a-z]+)*");

    public FindingKind {
        if (!CODE.matcher(code).matches()) {
            throw new IllegalArgumentException("code must be lower case words with hyphens, was \"" + code + "\"");
        }
    }

    /** By hand and not by a pattern: every view of a list fills thousands of sentences. */
    static String fill(String sentence, Map<String, String> facts) {
        int open = sentence.indexOf('{');
        if (open < 0) {
            return sentence;
        }
        StringBuilder filled = new StringBuilder(sentence.length() + 32);
        int from = 0;
        while (open >= 0) {
            int close = sentence.indexOf('}', open);
            String name = sentence.substring(open + 1, close);
            String fact = facts.get(name);
            if (fact == null) {
                throw new IllegalArgumentException("No fact \"" + name + "\" for: " + sentence);
            }
            filled.append(sentence, from, open).append(fact);
            from = close + 1;
            open = sentence.indexOf('{', from);
        }
        return filled.append(sentence, from, sentence.length()).toString();
    }
}
