package reckonrod.core.fieldlog;

import java.util.Locale;

/** Something that is seen or heard when a channel is tried, as it is tapped on the spot. */
public enum Seen {
    LIGHT("transmit light"),
    SHOWN("display showed the talk frequency"),
    TAIL("tail of the repeater"),
    IDENTIFIED("identification or voices"),
    ANSWERED("somebody answered"),
    NOISE("only noise"),
    NOTHING("nothing");

    private final String words;

    Seen(String words) {
        this.words = words;
    }

    /** In words. */
    public String words() {
        return words;
    }

    /** Its name in files. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /**
     * Reads its name in files.
     *
     * @throws IllegalArgumentException if it is none
     */
    public static Seen parse(String id) {
        for (Seen each : values()) {
            if (each.id().equals(id.strip().toLowerCase(Locale.ROOT))) {
                return each;
            }
        }
        throw new IllegalArgumentException(
                "What was seen must be light, shown, tail, identified, answered, noise or nothing, was \"" + id + "\"");
    }
}
