package reckonrod.core.link;

/** A transfer that could not be finished; the message says what was found and what to do. */
public final class LinkException extends Exception {
    /** What went wrong. */
    public enum Fault {
        NO_ANSWER,
        GARBAGE,
        /** What was said comes back. */
        ECHO,
        /** The radio's line runs at another speed. */
        OTHER_SPEED,
        /** Something else than a radio speaks on the line. */
        OTHER_DEVICE,
        REFUSED,
        CABLE,
        OTHER_MODEL,
        /** Right model, but of a firmware whose memory is laid out otherwise. */
        OTHER_FIRMWARE,
        CHANGED_SINCE_READ,
        NOT_AS_WRITTEN,
        /** The person did not do in time what the radio waits for. */
        NOBODY_AT_THE_RADIO,
        /** The card lacks a file, or one of them is broken. */
        CARD,
        /** The card is full or cannot be written. */
        CARD_REFUSED,
        /** The watch stopped it: see {@link TransferWatch.Stop}. */
        CANCELLED,
        PROGRAM_ENDS,
        NO_LONGER_OURS
    }

    private final Fault fault;

    /** A fault, told as what it is and what to do. */
    public LinkException(Fault fault, String message) {
        super(message);
        this.fault = fault;
    }

    /** Stopped by its watch. */
    public LinkException(TransferWatch.Stop stop) {
        super(stop.words());
        this.fault = switch (stop) {
            case ASKED -> Fault.CANCELLED;
            case PROGRAM_ENDS -> Fault.PROGRAM_ENDS;
            case NO_LONGER_OURS -> Fault.NO_LONGER_OURS;
        };
    }

    /** What went wrong. */
    public Fault fault() {
        return fault;
    }
}
