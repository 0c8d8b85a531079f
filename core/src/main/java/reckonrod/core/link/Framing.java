package reckonrod.core.link;

/** How frames lie in what comes over a line. Pure: bytes in, what stands at their start out. */
@FunctionalInterface
public interface Framing {
    /** What stands at the start of some bytes. */
    sealed interface Cut {}

    /** The start of a frame, whose rest has not come yet. */
    record More() implements Cut {}

    /**
     * A whole frame.
     *
     * @param length how many of the bytes it takes
     * @param frame its bytes without those that check it
     */
    // Moved on and thrown away, never compared.
    @SuppressWarnings("ArrayRecordComponent")
    record Whole(int length, byte[] frame) implements Cut {}

    /** No frame begins so, or its check says that it is spoiled. */
    record Nonsense() implements Cut {}

    /** Looks at the start of what has come, which is not empty. */
    Cut cut(byte[] received);
}
