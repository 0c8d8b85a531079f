package reckonrod.sim;

import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;

/** Keeps real time. The next byte starts where the last one ended, if the host was no later than a byte's time. */
final class RealLineClock implements LineClock {
    private static final long SLACK_NANOS = TimeUnit.MILLISECONDS.toNanos(20);

    private long freeAtNanos = System.nanoTime();

    @Override
    public void busyFor(long micros) {
        long now = System.nanoTime();
        long start = now - freeAtNanos > SLACK_NANOS ? now : freeAtNanos;
        freeAtNanos = start + TimeUnit.MICROSECONDS.toNanos(micros);
        await();
    }

    @Override
    public void idleFor(long micros) {
        freeAtNanos = System.nanoTime() + TimeUnit.MICROSECONDS.toNanos(micros);
        await();
    }

    private void await() {
        long left = freeAtNanos - System.nanoTime();
        while (left > 0) {
            LockSupport.parkNanos(left);
            left = freeAtNanos - System.nanoTime();
        }
    }
}
