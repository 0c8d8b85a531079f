package reckonrod.core.panel;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/** A part of a display. */
public enum FacePart {
    /** The number of the slot. */
    SLOT,
    /** Whether it listens, talks or scans, in the words of the radio. */
    STATE,
    /** The name of the slot. */
    NAME,
    /** The frequency it is on, in megahertz: the talk frequency while it talks, or while its input key is held. */
    FREQUENCY,
    /** The tone of the side it is on: the talk tone while it talks, else the listen tone. */
    TONE,
    /** The tone that is sent while talking. */
    TALK_TONE,
    /** Where the talk frequency lies, in a sign of the radio. */
    SHIFT,
    /** The modulation. */
    EMISSION,
    /** The power level. */
    POWER,
    /** Which bank is walked through. */
    BANK;

    /**
     * Reads the name that definitions use, such as {@code talk tone}.
     *
     * @throws IllegalArgumentException if it is none of them
     */
    public static FacePart parse(String text) {
        return Arrays.stream(values())
                .filter(part -> part.words().equals(text))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("a row can show "
                        + Arrays.stream(values()).map(FacePart::words).collect(Collectors.joining(", ")) + "; was \""
                        + text
                        + "\""));
    }

    /** The name that definitions use. */
    public String words() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
