package reckonrod.core.panel;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/** What an item of a menu is for. */
public enum PanelPart {
    POWER,
    EMISSION,
    TALK_TONE,
    LISTEN_TONE,
    /** Whether it talks above or below, or where it listens. */
    DIRECTION,
    /** How far above or below, in digits. */
    SIZE,
    /** Whether the scan stops there. */
    SCAN,
    /** In which bank it is. */
    BANK,
    /** Whether it talks at all. */
    TALKS,
    /** Puts what is dialled into a slot. */
    STORE,
    /** Clears a slot. */
    ERASE;

    /**
     * Reads the name that definitions use, such as {@code talk tone}.
     *
     * @throws IllegalArgumentException if it is none of them
     */
    public static PanelPart parse(String text) {
        return Arrays.stream(values())
                .filter(part -> part.words().equals(text))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("an item of a menu sets "
                        + Arrays.stream(values()).map(PanelPart::words).collect(Collectors.joining(", ")) + "; was \""
                        + text + "\""));
    }

    /** The name that definitions use. */
    public String words() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** Whether it acts on a slot instead of setting something. */
    public boolean isAct() {
        return this == STORE || this == ERASE;
    }
}
