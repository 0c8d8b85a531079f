package reckonrod.server.transfers;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import reckonrod.core.link.TransferWatch.Phase;
import reckonrod.server.problem.ProblemException;

/** Keeps the rows of the transfers; whatever a screen shows of a transfer comes from here, in whichever instance it runs. */
@Service
@Transactional
class JobStore {
    private static final Duration SILENCE_OF_THE_DEAD = Duration.ofSeconds(10);
    private static final int SWEEP_MILLIS = 3_000;

    private final JobRepository jobs;
    private final Clock clock;

    JobStore(JobRepository jobs, Clock clock) {
        this.jobs = jobs;
        this.clock = clock;
    }

    JobView begin(String radioId, JobKind kind) {
        try {
            return view(jobs.saveAndFlush(new JobRecord(UUID.randomUUID(), radioId, kind, clock.instant())));
        } catch (DataIntegrityViolationException running) {
            throw ProblemException.conflict(
                    "transfer-running",
                    "The cable is in use",
                    "A transfer with this radio is running already. Wait for its end or cancel it.");
        }
    }

    @Transactional(readOnly = true)
    JobView get(UUID id) {
        return view(record(id));
    }

    @Transactional(readOnly = true)
    List<JobView> running() {
        return jobs.findByStateOrderByStartedAt(JobState.RUNNING).stream()
                .map(this::view)
                .toList();
    }

    @Transactional(readOnly = true)
    Optional<JobView> newest(String radioId) {
        return jobs.findFirstByRadioIdOrderByStartedAtDesc(radioId).map(this::view);
    }

    void requestCancel(UUID id) {
        record(id).requestCancel();
    }

    /**
     * Records progress.
     *
     * @return whether the person wants the transfer to stop
     */
    boolean progress(UUID id, Phase phase, int done, int total) {
        JobRecord job = record(id);
        job.progress(phase.name(), done, total, clock.instant());
        return job.cancelRequested();
    }

    void end(UUID id, JobState state, String message) {
        record(id).end(state, message, clock.instant());
    }

    /** A transfer that has not been heard of for long died with its program; its radio can be loaded again. */
    @Scheduled(fixedDelay = SWEEP_MILLIS)
    void sweep() {
        jobs.findByStateAndHeardAtBefore(JobState.RUNNING, clock.instant().minus(SILENCE_OF_THE_DEAD))
                .forEach(job -> job.end(
                        JobState.INTERRUPTED,
                        "Reckonrod ended while this transfer ran. "
                                + (job.kind() == JobKind.READ
                                        ? "Nothing was written. Start it again."
                                        : "If writing had begun, the radio is half written; put the snapshot back."),
                        clock.instant()));
    }

    private JobRecord record(UUID id) {
        return jobs.findById(id).orElseThrow(() -> ProblemException.notFound("There is no transfer " + id + "."));
    }

    private JobView view(JobRecord job) {
        return JobView.of(job, clock.instant());
    }
}
