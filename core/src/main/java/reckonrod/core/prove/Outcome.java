package reckonrod.core.prove;

/** What a channel is expected to do at a place, the best first. */
public enum Outcome {
    OPENS("opens", "The repeater opens and is heard."),
    PERHAPS("here and there", "It works in some spots, with less than 10 dB to spare."),
    DIRECT("direct", "No repeater is needed; whoever is near enough hears it."),
    LISTENS("is heard", "The channel only listens, and what it listens to is heard."),
    UNHEARD("opens unheard", "The repeater opens, and its answer is not heard."),
    HEARD_ONLY("heard only", "The repeater is heard, and does not open."),
    SILENT("silent", "The repeater does not open, and is not heard."),
    NOT_LISTED("not known", "The directory has no repeater for this channel, so nothing can be said."),
    NOT_IN_RADIO("not in it", "The radio does not carry this channel.");

    private final String words;
    private final String meaning;

    Outcome(String words, String meaning) {
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

    /** Whether something is wrong that the person may want to mend. */
    public boolean isTrouble() {
        return this == UNHEARD || this == HEARD_ONLY || this == SILENT;
    }
}
