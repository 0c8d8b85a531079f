package reckonrod.server.request;

/**
 * The memory that bodies may take while they arrive and are handled. Small ones, which edits are, always have room; the large ones
 * share a limit, so that slow uploads of many files can only keep other files waiting.
 */
final class BodyMemory {
    /** A body of that size needs no reservation. */
    static final int SMALL_BYTES = 64 << 10;

    private static final long MOST_BYTES = 96L << 20;

    private long reserved;

    /**
     * Reserves room for all of a body.
     *
     * @param announced its length; negative if the sender did not say
     */
    synchronized boolean reserve(long announced, BodyKind kind) {
        long wanted = bytes(announced, kind);
        if (reserved + wanted > MOST_BYTES) {
            return false;
        }
        reserved += wanted;
        return true;
    }

    synchronized void release(long announced, BodyKind kind) {
        reserved -= bytes(announced, kind);
    }

    private static long bytes(long announced, BodyKind kind) {
        return announced < 0 ? kind.mostBytes() : announced;
    }
}
