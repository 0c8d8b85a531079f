package reckonrod.core.fieldlog;

import java.util.Set;

/** What a test shows, the best first. */
public enum Result {
    PROVEN("answered", "The repeater opened for this radio, or somebody answered."),
    HEARD("heard only", "Something was heard on the channel, and no answer to a call."),
    SILENT("silent", "Nothing answered, and nothing was heard."),
    OPEN("not finished", "Nothing was tapped yet that says how it went.");

    private final String words;
    private final String meaning;

    Result(String words, String meaning) {
        this.words = words;
        this.meaning = meaning;
    }

    /** In a word or two. */
    public String words() {
        return words;
    }

    /** In a sentence. */
    public String meaning() {
        return meaning;
    }

    /** What follows from what was seen and heard; what is good outweighs what is not, for a tail is a tail. */
    public static Result of(Set<Seen> seen) {
        if (seen.contains(Seen.TAIL) || seen.contains(Seen.ANSWERED)) {
            return PROVEN;
        }
        if (seen.contains(Seen.IDENTIFIED)) {
            return HEARD;
        }
        return seen.contains(Seen.NOTHING) || seen.contains(Seen.NOISE) ? SILENT : OPEN;
    }
}
