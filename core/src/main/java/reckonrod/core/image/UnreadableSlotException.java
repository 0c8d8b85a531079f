package reckonrod.core.image;

/** Stops the decoding of one slot; never leaves this package. */
final class UnreadableSlotException extends RuntimeException {
    UnreadableSlotException(String found) {
        super(found, null, false, false);
    }
}
