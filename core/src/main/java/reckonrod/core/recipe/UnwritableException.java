package reckonrod.core.recipe;

/** A cell that a recipe has no form for; the message says which and why. */
final class UnwritableException extends RuntimeException {
    private static final long serialVersionUID = 1;

    UnwritableException(String message) {
        super(message, null, false, false);
    }
}
