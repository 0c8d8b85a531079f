package reckonrod.server.transfers;

/** What a transfer does. */
public enum JobKind {
    READ,
    WRITE,
    RESTORE
}
