package reckonrod.server.transfers;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import reckonrod.core.link.LinkException.Fault;
import reckonrod.core.link.TransferWatch.Phase;

/**
 * A transfer on the wire.
 *
 * @param writing whether stopping it leaves the radio half written
 * @param steps what the person does on the radio right now; mostly nothing
 * @param word what there is to say of the radio that answered; mostly nothing
 */
record JobView(
        UUID id,
        String radioId,
        JobKind kind,
        JobState state,
        String phase,
        int bytesDone,
        int bytesTotal,
        int bytesPerSecond,
        @Schema(nullable = true) Integer secondsLeft,
        boolean cancelRequested,
        Instant startedAt,
        @Schema(nullable = true) Instant finishedAt,
        String message,
        boolean writing,
        List<String> steps,
        String word,

        @Schema(nullable = true, description = "why it could not be finished, if the radio or the line is why")
        Fault fault) {
    static JobView of(JobRecord job, Instant now) {
        Instant until = job.finishedAt() == null ? now : job.finishedAt();
        double seconds = Duration.between(job.startedAt(), until).toMillis() / 1000.0;
        double rate = seconds > 0 ? job.bytesDone() / seconds : 0;
        boolean tells = job.state() == JobState.RUNNING && job.bytesDone() > 0 && rate > 0;
        return new JobView(
                job.id(),
                job.radioId(),
                job.kind(),
                job.state(),
                Phase.valueOf(job.phase()).words(),
                job.bytesDone(),
                job.bytesTotal(),
                (int) Math.round(rate),
                tells ? (int) Math.ceil((job.bytesTotal() - job.bytesDone()) / rate) : null,
                job.cancelRequested(),
                job.startedAt(),
                job.finishedAt(),
                job.message(),
                job.writing(),
                Phase.valueOf(job.phase()).isForPerson() && job.state() == JobState.RUNNING ? job.steps() : List.of(),
                job.word(),
                job.fault());
    }
}
