package reckonrod.server.transfers;

/** What a transfer does. */
public enum JobKind {
    READ,
    WRITE,
    RESTORE;

    /** What to tell of one whose program was not heard of any more. */
    String afterSilence() {
        return "Reckonrod ended or stood still while this transfer ran. "
                + (this == READ
                        ? "Nothing was written. Start it again."
                        : "If writing had begun, the radio is half written; put the snapshot back.");
    }
}
