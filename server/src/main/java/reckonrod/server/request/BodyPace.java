package reckonrod.server.request;

/** How fast a body must arrive: slowly enough for a poor link, and a large one faster, for it occupies memory. */
final class BodyPace {
    private static final long GRACE_NANOS = 5_000_000_000L;
    private static final long LEAST_BYTES_A_SECOND = 4_096;
    private static final long LEAST_LARGE_BYTES_A_SECOND = 16_384;

    private final long beganNanos = System.nanoTime();

    /** Whether so many bytes by now are too few. */
    boolean isTooSlow(long bytes) {
        long nanos = System.nanoTime() - beganNanos - GRACE_NANOS;
        long least = bytes > BodyMemory.SMALL_BYTES ? LEAST_LARGE_BYTES_A_SECOND : LEAST_BYTES_A_SECOND;
        return nanos > 0 && bytes < least * (nanos / 1e9);
    }

    /** The longest time that a body of that size may take. */
    static long longestMillis(long mostBytes) {
        return GRACE_NANOS / 1_000_000 + 1_000 * Math.max(1, mostBytes / LEAST_BYTES_A_SECOND);
    }
}
