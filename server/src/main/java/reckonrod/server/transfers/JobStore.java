package reckonrod.server.transfers;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import reckonrod.core.link.LinkException.Fault;
import reckonrod.core.link.TransferWatch.Phase;
import reckonrod.server.backup.RestoreCheck;
import reckonrod.server.follow.RunningWork;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.RadioUnits;

/** Keeps the rows of the transfers; whatever a screen shows of a transfer comes from here, in whichever instance it runs. */
@Service
@Transactional(rollbackFor = LeaseLost.class)
class JobStore implements RunningWork.Source, RestoreCheck {
    private final JobRepository jobs;
    private final RadioUnits units;
    private final Clock clock;

    JobStore(JobRepository jobs, RadioUnits units, Clock clock) {
        this.jobs = jobs;
        this.units = units;
        this.clock = clock;
    }

    JobView begin(String radioId, JobKind kind) {
        try {
            JobRecord job = jobs.saveAndFlush(new JobRecord(UUID.randomUUID(), radioId, kind, clock.instant()));
            jobs.hold(job.id());
            return view(job);
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

    /** Several transfers, by their id; those that are not there are left out. */
    @Transactional(readOnly = true)
    Map<UUID, JobView> all(Set<UUID> ids) {
        return jobs.findAllById(ids).stream().collect(Collectors.toMap(JobRecord::id, this::view));
    }

    @Transactional(readOnly = true)
    @Override
    public List<RunningWork> running() {
        return jobs.findByStateOrderByStartedAt(JobState.RUNNING).stream()
                .map(job -> new RunningWork(
                        job.id(),
                        RunningWork.Kind.transfer,
                        job.radioId(),
                        units.get(job.radioId()).name(),
                        Phase.valueOf(job.phase()).words(),
                        job.bytesDone(),
                        job.bytesTotal()))
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
     * Makes sure that a transfer still has its radio, and keeps it for as long again.
     *
     * @return whether the person wants it to stop
     * @throws LeaseLost if it was given up meanwhile
     */
    boolean hold(UUID id) throws LeaseLost {
        return jobs.hold(id).orElseThrow(LeaseLost::new);
    }

    /** Records progress, and holds as {@link #hold} does. */
    void progress(UUID id, Phase phase, int done, int total) throws LeaseLost {
        if (jobs.progress(id, phase.name(), done, total) == 0) {
            throw new LeaseLost();
        }
    }

    /** The person has something to do on the radio; holds as {@link #hold} does. */
    void asks(UUID id, Phase phase, List<String> steps) throws LeaseLost {
        held(id).asks(phase, steps);
    }

    /** Who answered, where there is something to say of that; holds as {@link #hold} does. */
    void saysOfRadio(UUID id, String word) throws LeaseLost {
        held(id).saysOfRadio(word);
    }

    /**
     * Does something that only who still has the radio may do; nobody can take the radio over in between.
     *
     * @throws LeaseLost if the transfer was given up meanwhile; nothing was done then
     */
    void whileHeld(UUID id, Runnable work) throws LeaseLost {
        held(id);
        work.run();
    }

    /**
     * From here on the radio may be half written; both are kept, or neither.
     *
     * @return whether it may begin; if it was cancelled by now, nothing is kept
     */
    boolean writingBegins(UUID id, String radioId, UUID before) throws LeaseLost {
        JobRecord job = held(id);
        if (job.cancelRequested()) {
            return false;
        }
        job.writingBegins();
        units.writingBegins(radioId, before);
        return true;
    }

    /** Ends a transfer well: what it found out is kept and the row ended, both or neither. */
    void finish(UUID id, Runnable keep, String message) throws LeaseLost {
        JobRecord job = held(id);
        keep.run();
        job.end(JobState.DONE, message, null, clock.instant());
    }

    /** Ends a transfer that could not be finished. One that was given up meanwhile stays as that tells it. */
    void fail(UUID id, JobState state, String message, Fault fault) {
        jobs.locked(id)
                .filter(job -> job.state() == JobState.RUNNING)
                .ifPresent(job -> job.end(state, message, fault, clock.instant()));
    }

    /**
     * A transfer learned that it had been given up while it was writing: its last block may have gone into the radio after
     * somebody else had been let in. What the radio holds is unknown again, whatever another transfer has said or will say.
     */
    void strayed(String radioId, UUID before) {
        for (JobRecord other : jobs.running(radioId)) {
            other.end(
                    JobState.FAILED,
                    "Another Reckonrod that had stood still came back and wrote into the radio meanwhile."
                            + " What it holds is unknown: put the snapshot back.",
                    Fault.NO_LONGER_OURS,
                    clock.instant());
        }
        units.writingBegins(radioId, before);
    }

    /**
     * A transfer that has not been heard of for long stopped with its program; its radio can be loaded again.
     *
     * @param silent how long is long
     * @param alive those that run in this program, and are never given up by it
     */
    void sweep(Duration silent, Set<UUID> alive) {
        for (UUID id : jobs.silentFor(silent.toMillis() / 1000.0)) {
            if (!alive.contains(id)) {
                jobs.locked(id)
                        .filter(job -> job.state() == JobState.RUNNING)
                        .ifPresent(
                                job -> job.end(JobState.INTERRUPTED, job.kind().afterSilence(), null, clock.instant()));
            }
        }
    }

    @Override
    @Transactional(readOnly = true)
    public void readAll() {
        jobs.findAll().forEach(this::view);
        running();
    }

    private JobRecord held(UUID id) throws LeaseLost {
        return jobs.locked(id).filter(job -> job.state() == JobState.RUNNING).orElseThrow(LeaseLost::new);
    }

    private JobRecord record(UUID id) {
        return jobs.findById(id).orElseThrow(() -> ProblemException.notFound("There is no transfer " + id + "."));
    }

    private JobView view(JobRecord job) {
        return JobView.of(job, clock.instant());
    }
}
