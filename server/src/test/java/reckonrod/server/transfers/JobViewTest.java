package reckonrod.server.transfers;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import reckonrod.core.link.TransferWatch.Phase;

class JobViewTest {
    private static final Instant START = Instant.parse("2026-05-01T10:00:00Z");

    private final JobRecord job = new JobRecord(new UUID(0, 1), "blue", JobKind.WRITE, START);

    @Test
    void rateAndTimeLeftComeFromTheBytesSoFar() {
        job.progress(Phase.WRITE.name(), 1000, 4000, START.plusSeconds(2));
        JobView view = JobView.of(job, START.plusSeconds(2));
        assertThat(view.bytesPerSecond()).isEqualTo(500);
        assertThat(view.secondsLeft()).isEqualTo(6);
        assertThat(view.phase()).isEqualTo("Writing");
    }

    @Test
    void nothingIsForetoldBeforeTheFirstByteAndAfterTheEnd() {
        assertThat(JobView.of(job, START).secondsLeft()).isNull();
        job.progress(Phase.READ_BACK.name(), 4000, 4000, START.plusSeconds(8));
        job.end(JobState.DONE, "done", START.plusSeconds(8));
        JobView view = JobView.of(job, START.plusSeconds(500));
        assertThat(view.secondsLeft()).isNull();
        assertThat(view.bytesPerSecond()).as("the clock stops at the end").isEqualTo(500);
    }
}
