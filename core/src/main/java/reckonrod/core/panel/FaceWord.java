package reckonrod.core.panel;

import java.util.Locale;

/** What a radio says by itself. Each model has its own words; these are what is said where a definition names none. */
public enum FaceWord {
    /** Nothing is in the slot. */
    EMPTY("EMPTY"),
    /** The bytes of the slot are no channel. */
    UNREADABLE("CH ERROR"),
    /** The slot is kept from talking. */
    LISTEN_ONLY("RX ONLY"),
    /** The radio cannot talk there. */
    REFUSED("NO TX"),
    /** It listens. */
    LISTENING("RX"),
    /** It talks. */
    TALKING("TX"),
    /** It scans. */
    SCANNING("SCAN"),
    /** No slot is one that the scan stops at. */
    NOTHING_TO_SCAN("NO SCAN"),
    /** It listens on the talk frequency. */
    INPUT("INPUT"),
    /** All slots are walked through, not those of one bank. */
    ALL("ALL"),
    /** Before the number of a bank. */
    BANK("B"),
    /** Before the hertz of a CTCSS tone. */
    CTCSS("CTCSS "),
    /** Before a DCS code. */
    DCS("DCS "),
    /** Before a tone that keeps the speaker shut. */
    REVERSED("REV "),
    /** The talk frequency is above. */
    HIGHER("+"),
    /** The talk frequency is below. */
    LOWER("-"),
    /** High power. */
    HIGH("H"),
    /** Middle power. */
    MID("M"),
    /** Low power. */
    LOW("L");

    private final String usual;

    FaceWord(String usual) {
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
