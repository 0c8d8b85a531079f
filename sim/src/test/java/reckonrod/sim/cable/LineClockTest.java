package reckonrod.sim.cable;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class LineClockTest {
    /** A real clock is never faster than its line; how near it keeps to it is measured by {@code perf/run}. */
    @Test
    void theRealClockIsNeverFasterThanItsLine() {
        long start = System.nanoTime();
        LineClock real = LineClock.real();
        for (int i = 0; i < 100; i++) {
            real.busyFor(2_000);
        }
        long millis = (System.nanoTime() - start) / 1_000_000;
        assertThat(millis).isGreaterThanOrEqualTo(199L);
    }
}
