package reckonrod.core.panel;

import java.util.Arrays;
import java.util.Locale;

/** What a radio does when something is stored in a slot that is in use. */
public enum Overwriting {
    /** It stores over without a word. */
    STORES,
    /** It asks, and the same key once more stores over. */
    ASKS,
    /** It refuses; the slot must be cleared first. */
    REFUSES;

    /**
     * Reads the name that definitions use, such as {@code asks}.
     *
     * @throws IllegalArgumentException if it is none of them
     */
    public static Overwriting parse(String text) {
        return Arrays.stream(values())
                .filter(each -> each.name().toLowerCase(Locale.ROOT).equals(text))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "a radio with a slot in use stores, asks or refuses; was \"" + text + "\""));
    }
}
