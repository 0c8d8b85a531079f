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
    private static final Pattern FACT = Pattern.compile("\\{(\\w+)}");

    public FindingKind {
        if (!CODE.matcher(code).matches()) {
            throw new IllegalArgumentException("code must be lower case words with hyphens, was \"" + code + "\"");
        }
    }

    static String fill(String sentence, Map<String, String> facts) {
        return FACT.matcher(sentence).replaceAll(match -> {
            String fact = facts.get(match.group(1));
            if (fact == null) {
                throw new IllegalArgumentException("No fact \"" + match.group(1) + "\" for: " + sentence);
            }
            return java.util.regex.Matcher.quoteReplacement(fact);
        });
    }
}
