package reckonrod.server.transfers;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.test.util.ReflectionTestUtils;

class JobViewTest {
    private static final Instant START = Instant.parse("2026-05-01T10:00:00Z");

    private final JobRecord job = new JobRecord(new UUID(0, 1), "blue", JobKind.WRITE, START);

    private void stands(String phase, int done) {
        ReflectionTestUtils.setField(job, "phase", phase);
        ReflectionTestUtils.setField(job, "bytesDone", done);
        ReflectionTestUtils.setField(job, "bytesTotal", 4000);
    }

    @Test
    void rateAndTimeLeftComeFromTheBytesSoFar() {
        stands("WRITE", 1000);
        JobView view = JobView.of(job, START.plusSeconds(2));
        assertThat(view.bytesPerSecond()).isEqualTo(500);
        assertThat(view.secondsLeft()).isEqualTo(6);
        assertThat(view.phase()).isEqualTo("Writing");
    }

    @Test
    void nothingIsForetoldBeforeTheFirstByteAndAfterTheEnd() {
        assertThat(JobView.of(job, START).secondsLeft()).isNull();
        stands("READ_BACK", 4000);
        job.end(JobState.DONE, "done", null, START.plusSeconds(8));
        JobView view = JobView.of(job, START.plusSeconds(500));
        assertThat(view.secondsLeft()).isNull();
        assertThat(view.bytesPerSecond()).as("the clock stops at the end").isEqualTo(500);
    }
}
