package reckonrod.core.layout;

/** Bits that mean nothing; says what was found. Stops the decoding of one slot and no more. */
public final class MeaninglessException extends RuntimeException {
    MeaninglessException(String found) {
        super(found, null, false, false);
    }
}
