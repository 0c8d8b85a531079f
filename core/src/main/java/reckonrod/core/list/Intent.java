package reckonrod.core.list;

import java.util.Collections;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/**
 * What a list is for, and how its channels are to be.
 *
 * @param purpose what it is for, in the person's words; at most {@link #MOST_PURPOSE} characters, may be empty
 * @param naming how channels from a directory are named
 * @param abbreviations what the person abbreviates words in names by where a display is too short, besides what everybody does: words
 *     in capitals, each with something shorter
 * @param listening what its channels wait for
 * @param power with what power they talk
 */
public record Intent(
        String purpose, NameRecipe naming, Map<String, String> abbreviations, Listening listening, PowerPolicy power) {
    /** The most characters of a purpose. */
    public static final int MOST_PURPOSE = 500;

    /** The most abbreviations. */
    public static final int MOST_ABBREVIATIONS = 200;

    /** That of a list of which nothing has been said. */
    public static final Intent NONE = named(NameRecipe.PLACE);

    public Intent {
        purpose = purpose.strip();
        if (purpose.length() > MOST_PURPOSE) {
            throw new IllegalArgumentException("What the list is for must be said in at most " + MOST_PURPOSE
                    + " characters, was " + purpose.length());
        }
        if (abbreviations.size() > MOST_ABBREVIATIONS) {
            throw new IllegalArgumentException(
                    "A list must have at most " + MOST_ABBREVIATIONS + " abbreviations, was " + abbreviations.size());
        }
        Map<String, String> checked = new TreeMap<>();
        abbreviations.forEach((word, shorter) -> {
            String capitals = word.strip().toUpperCase(Locale.ROOT);
            String brief = shorter.strip().toUpperCase(Locale.ROOT);
            if (capitals.isEmpty() || capitals.contains(" ") || brief.isEmpty() || brief.contains(" ")) {
                throw new IllegalArgumentException(
                        "An abbreviation is one word for another, was \"" + brief + "\" for \"" + capitals + "\"");
            }
            if (brief.length() >= capitals.length()) {
                throw new IllegalArgumentException(
                        "An abbreviation must be shorter than its word, was " + brief + " for " + capitals);
            }
            if (checked.put(capitals, brief) != null) {
                throw new IllegalArgumentException("The word " + capitals + " is abbreviated twice");
            }
        });
        abbreviations = Collections.unmodifiableMap(checked);
    }

    /** That of a list of which only is known how its channels are named. */
    public static Intent named(NameRecipe naming) {
        return new Intent("", naming, Map.of(), Listening.PER_CHANNEL, new PowerPolicy.AsTyped());
    }

    /** The same with another purpose. */
    public Intent meant(String next) {
        return new Intent(next, naming, abbreviations, listening, power);
    }

    /** The same with another recipe. */
    public Intent naming(NameRecipe next) {
        return new Intent(purpose, next, abbreviations, listening, power);
    }

    /** The same with other abbreviations. */
    public Intent abbreviating(Map<String, String> next) {
        return new Intent(purpose, naming, next, listening, power);
    }

    /** The same with another listening policy. */
    public Intent listening(Listening next) {
        return new Intent(purpose, naming, abbreviations, next, power);
    }

    /** The same with another power policy. */
    public Intent power(PowerPolicy next) {
        return new Intent(purpose, naming, abbreviations, listening, next);
    }
}
