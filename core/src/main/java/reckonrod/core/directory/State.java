package reckonrod.core.directory;

import java.util.Set;

/** Whether a repeater is said to work. */
public enum State {
    ON_AIR("on the air", "somebody says that it works"),
    OFF_AIR("off the air", "reported silent; do not count on it"),
    UNKNOWN("unknown", "nobody says whether it works"),
    /** It stood in its directory once, and does so no more. */
    NO_LONGER_LISTED("no longer listed", "its directory has dropped it; it may be gone for good");

    /** Those of what is not known to be silent, and so may be of use. */
    public static final Set<State> USABLE = Set.of(ON_AIR, UNKNOWN);

    private final String words;
    private final String meaning;

    State(String words, String meaning) {
        this.words = words;
        this.meaning = meaning;
    }

    /** The state in words. */
    public String words() {
        return words;
    }

    /** What it means for whoever wants to use it. */
    public String meaning() {
        return meaning;
    }
}
