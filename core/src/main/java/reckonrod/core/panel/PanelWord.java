package reckonrod.core.panel;

import java.util.Locale;

/** What a panel says by itself. Each model has its own words; these are what is said where a definition names none. */
public enum PanelWord {
    /** Nothing is in the slot. */
    EMPTY("EMPTY"),
    /** The slot holds something already, and nothing was stored. */
    OCCUPIED("IN USE"),
    /** That cannot be. */
    REFUSED("NO"),
    /** It asks once more before it clears a slot. */
    SURE("SURE?"),
    /** It is stored. */
    STORED("STORED"),
    /** It is cleared. */
    ERASED("CLEARED"),
    /** What a slot holds is on the dial now. */
    COPIED("COPIED"),
    /** The item is for frequencies, and a slot is chosen. */
    NOT_HERE("NOT IN SLOTS");

    private final String usual;

    PanelWord(String usual) {
        this.usual = usual;
    }

    /** What is said where a definition names none. */
    public String usual() {
        return usual;
    }

    /** The name that definitions use. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
