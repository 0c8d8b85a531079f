package reckonrod.core.list;

/** What the channels of a list wait for before they open. */
public enum Listening {
    /** Each as it is. */
    PER_CHANNEL("each channel as it is"),
    /** None waits for a tone: a wrong listen tone silences a radio without a word. */
    OPEN("open: no channel waits for a tone"),
    /** Where the line or entry that a channel came from gives a listen tone, it waits for that. */
    QUIET_WHERE_PUBLISHED("quiet where a listen tone is published");

    private final String words;

    Listening(String words) {
        this.words = words;
    }

    /** The policy in words. */
    public String words() {
        return words;
    }
}
