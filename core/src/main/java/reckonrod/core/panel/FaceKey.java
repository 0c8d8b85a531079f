package reckonrod.core.panel;

import java.util.Locale;

/** A key that some radios have and others have not. */
public enum FaceKey {
    /** Walks on to the next bank, and behind the last to all slots. */
    BANK,
    /** Begins a scan and ends it. */
    SCAN,
    /** Calls the home slot. */
    HOME,
    /** Goes to the other line of the display. */
    LINE,
    /** Shows another part where a row shows one of several. */
    DISPLAY,
    /** While it is held, the talk frequency is listened to. */
    INPUT,
    /** Listens in AM where no slot can say so. */
    AM;

    /** The name that definitions use. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
