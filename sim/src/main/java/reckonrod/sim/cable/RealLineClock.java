package reckonrod.sim.cable;

import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;

/**
 * Keeps real time as a serial line does. The line's own time is the sum of what it was busy and what the host took in
 * between; bytes go on while the program sleeps, so that waking up late is made good by the waits that follow.
 */
final class RealLineClock implements LineClock {
    private long lineNanos = System.nanoTime();
    private long hostWokeAtNanos = lineNanos;

    @Override
    public void busyFor(long micros) {
        waitFor(micros);
    }

    @Override
    public void idleFor(long micros) {
        waitFor(micros);
    }

    private void waitFor(long micros) {
        long hostTook = System.nanoTime() - hostWokeAtNanos;
        lineNanos += hostTook + TimeUnit.MICROSECONDS.toNanos(micros);
        long left = lineNanos - System.nanoTime();
        while (left > 0) {
            LockSupport.parkNanos(left);
            left = lineNanos - System.nanoTime();
        }
        hostWokeAtNanos = System.nanoTime();
    }
}
