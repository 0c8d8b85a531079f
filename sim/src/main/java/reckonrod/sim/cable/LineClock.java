package reckonrod.sim.cable;

/** The time that bytes take on a serial line. */
public interface LineClock {
    /** The line is busy for so long; returns when it is free again. */
    void busyFor(long micros);

    /** Nothing happens on the line for so long. */
    void idleFor(long micros);

    /** A clock that keeps to real time: deadlines add up, so that late wake-ups do not. */
    static LineClock real() {
        return new RealLineClock();
    }

    /** A clock that only counts. */
    static Counting counting() {
        return new Counting();
    }

    /** Counts line time without waiting. */
    final class Counting implements LineClock {
        private long busyMicros;
        private long idleMicros;

        @Override
        public void busyFor(long micros) {
            busyMicros += micros;
        }

        @Override
        public void idleFor(long micros) {
            idleMicros += micros;
        }

        /** How long bytes were on the line, in microseconds. */
        public long busyMicros() {
            return busyMicros;
        }

        /** How long the line was silent while somebody waited, in microseconds. */
        public long idleMicros() {
            return idleMicros;
        }
    }
}
