package reckonrod.server.transfers;

/** How a transfer stands. */
public enum JobState {
    RUNNING,
    DONE,
    FAILED,
    CANCELLED,
    /** The program ended while it ran. */
    INTERRUPTED
}
