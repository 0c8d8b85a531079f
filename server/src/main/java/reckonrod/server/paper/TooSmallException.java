package reckonrod.server.paper;

/** A paper on which something does not fit in one piece; the message says what. */
public final class TooSmallException extends RuntimeException {
    private static final long serialVersionUID = 1;

    TooSmallException(String message) {
        super(message);
    }
}
