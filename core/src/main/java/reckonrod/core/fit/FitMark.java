package reckonrod.core.fit;

/** What happens to a channel in a radio, best first. */
public enum FitMark {
    /** Goes in as it is. */
    EXACT("exact"),
    /** Goes in with something changed. */
    ADAPTED("adapted"),
    /** Goes in, but the person has to set something on the radio. */
    BY_HAND("by hand"),
    /** Does not go in. */
    LEFT_OUT("left out");

    private final String words;

    FitMark(String words) {
        this.words = words;
    }

    /** The mark in words. */
    public String words() {
        return words;
    }
}
