package reckonrod.core.panel;

import java.util.Arrays;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/** What an item of a menu is for. */
public enum PanelPart {
    POWER,
    EMISSION,
    /** The value of the tone that is sent. */
    TALK_TONE,
    /** The value of the tone that is waited for. */
    LISTEN_TONE,
    /** Which of the two tones is switched on, where the values alone do nothing. */
    TONES_ON,
    /** Whether DCS codes are sent and waited for upside down, where one setting holds for both. */
    POLARITY,
    /** Whether the speaker is shut by the tone instead of opened. */
    REVERSED,
    /** Whether it talks above or below, or where it listens. */
    DIRECTION,
    /** How far above or below, in digits. */
    SIZE,
    /** A talk frequency of its own, in digits; all zeros for none. */
    TALK_AT,
    /** Whether the scan stops there. */
    SCAN,
    /** In which bank it is. */
    BANK,
    /** Whether it talks at all. */
    TALKS,
    /** The name, letter by letter. */
    NAME,
    /** A setting of the whole radio. */
    SETTING,
    /** Puts what is dialled into a slot. */
    STORE,
    /** Clears a slot. */
    ERASE,
    /** Puts the slot that is called into a bank. */
    JOIN,
    /** Takes the slot that is called out of a bank. */
    LEAVE,
    /** Puts what is in the slot that is called onto the dial. */
    RECALL,
    /** Clears everything. */
    RESET;

    private static final Set<PanelPart> ACTS = Set.of(STORE, ERASE, JOIN, LEAVE, RECALL, RESET);
    private static final Set<PanelPart> LISTED = Set.of(
            POWER,
            EMISSION,
            TALK_TONE,
            LISTEN_TONE,
            TONES_ON,
            POLARITY,
            REVERSED,
            DIRECTION,
            SCAN,
            BANK,
            TALKS,
            SETTING);
    private static final Set<PanelPart> ON_SLOTS = Set.of(ERASE, JOIN, LEAVE, RECALL, RESET, NAME, SCAN, BANK, SETTING);

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

    /** Whether it does something instead of setting something. */
    public boolean isAct() {
        return ACTS.contains(this);
    }

    /** Whether one of a list of values is chosen. */
    public boolean isListed() {
        return LISTED.contains(this);
    }

    /** Whether it can be opened while a slot is called. */
    public boolean isForSlots() {
        return ON_SLOTS.contains(this);
    }

    /** Whether it can be opened only while a slot is called. */
    public boolean isOnlyForSlots() {
        return this == JOIN || this == LEAVE || this == RECALL;
    }
}
