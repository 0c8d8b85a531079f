package reckonrod.core.link;

/** A transfer that could not be finished; the message says what was found and what to do. */
public final class LinkException extends Exception {
    /** What went wrong. */
    public enum Fault {
        NO_ANSWER,
        GARBAGE,
        REFUSED,
        CABLE,
        OTHER_MODEL,
        CHANGED_SINCE_READ,
        NOT_AS_WRITTEN,
        CANCELLED
    }

    private final Fault fault;

    LinkException(Fault fault, String message) {
        super(message);
        this.fault = fault;
    }

    /** What went wrong. */
    public Fault fault() {
        return fault;
    }
}
