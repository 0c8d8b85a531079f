package reckonrod.server.access;

import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.LongSupplier;

/** Lets an address guess a few times, and then ever more slowly. */
final class Throttle {
    private static final int FREE_TRIES = 5;
    private static final int MOST_ADDRESSES = 10_000;
    private static final Duration LONGEST = Duration.ofMinutes(1);
    private static final Duration FORGOTTEN_AFTER = Duration.ofMinutes(15);

    private final LongSupplier nanoTime;
    private final Map<String, Wrong> addresses = new LinkedHashMap<>(64, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Wrong> eldest) {
            return size() > MOST_ADDRESSES;
        }
    };

    private record Wrong(int count, long atNanos) {}

    Throttle(LongSupplier nanoTime) {
        this.nanoTime = nanoTime;
    }

    /** How long the address has to wait; zero if not at all. */
    synchronized Duration waitOf(String address) {
        Wrong wrong = addresses.get(address);
        if (wrong == null || wrong.count < FREE_TRIES) {
            return Duration.ZERO;
        }
        long doubled = 1L << Math.min(wrong.count - FREE_TRIES, 6);
        Duration pause = doubled > LONGEST.toSeconds() ? LONGEST : Duration.ofSeconds(doubled);
        Duration left = pause.minusNanos(nanoTime.getAsLong() - wrong.atNanos);
        return left.isNegative() ? Duration.ZERO : left;
    }

    synchronized void wrong(String address) {
        long now = nanoTime.getAsLong();
        Wrong before = addresses.get(address);
        boolean old = before == null || now - before.atNanos > FORGOTTEN_AFTER.toNanos();
        addresses.put(address, new Wrong(old ? 1 : before.count + 1, now));
    }

    synchronized void right(String address) {
        addresses.remove(address);
    }
}
