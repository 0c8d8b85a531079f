package reckonrod.server.transfers;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import reckonrod.core.fit.FitReport;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.image.WritePlan;
import reckonrod.core.load.Loaders;
import reckonrod.server.fit.Loading;
import reckonrod.server.lists.ListStore;
import reckonrod.server.lists.StoredList;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;
import reckonrod.server.radios.Snapshot;
import reckonrod.server.transfers.JobRunner.Ending;

/** Transfers: start one, follow it, stop it. */
@RestController
@RequestMapping("/api")
class TransferController {
    private static final String NEEDED = "must be given";

    private final JobStore jobs;
    private final JobRunner runner;
    private final JobEvents events;
    private final RadioUnits units;
    private final ListStore lists;
    private final Loading loading;

    TransferController(
            JobStore jobs, JobRunner runner, JobEvents events, RadioUnits units, ListStore lists, Loading loading) {
        this.jobs = jobs;
        this.runner = runner;
        this.events = events;
        this.units = units;
        this.lists = lists;
        this.loading = loading;
    }

    /**
     * The list to write, as the person saw it, and the snapshot that the difference was shown against.
     *
     * @param leave the slots that are left as they are; the usual ones if left out
     * @param planned what the difference named that was shown; the radio's model or its slots may be others since then
     * @param takesAway how many channels of the radio the person knows to go; 0 if left out
     */
    record WriteRequest(
            @NotNull(message = NEEDED) UUID listId,
            @NotNull(message = NEEDED) Long listVersion,
            @NotNull(message = NEEDED) UUID snapshotId,
            @Schema(nullable = true) List<Integer> leave,
            @Schema(nullable = true) Integer takesAway,
            @Schema(nullable = true) String planned) {}

    /** The snapshot to put back. */
    record RestoreRequest(@NotNull(message = NEEDED) UUID snapshotId) {}

    @PostMapping("/radios/{radioId}/read")
    @ResponseStatus(HttpStatus.ACCEPTED)
    JobView read(@PathVariable String radioId) {
        RadioUnit unit = units.get(radioId).withCable();
        JobView job = jobs.begin(radioId, JobKind.READ);
        runner.start(job.id(), unit, null, transfer -> {
            transfer.read();
            return new Ending(unit.name() + " was read and a snapshot of it is kept.", () -> {});
        });
        return job;
    }

    @PostMapping("/radios/{radioId}/write")
    @ResponseStatus(HttpStatus.ACCEPTED)
    JobView write(@PathVariable String radioId, @Valid @RequestBody WriteRequest request) {
        RadioUnit unit = units.get(radioId).withCable();
        if (unit.halfWritten().isPresent()) {
            throw ProblemException.refused(
                    "half-written",
                    "Half written",
                    unit.name() + " is half written. Put its snapshot back first, so that what it holds is known.");
        }
        StoredList list = lists.get(request.listId());
        if (list.version() != request.listVersion()) {
            throw ProblemException.conflict(
                    "changed-elsewhere",
                    "Changed elsewhere",
                    "\"" + list.list().name()
                            + "\" was changed since this difference was shown. Nothing was written; look at it again.");
        }
        Snapshot snapshot = units.snapshot(radioId, request.snapshotId());
        FitReport fitted = loading.fit(unit, list.list());
        WritePlan plan = loading.plan(
                unit, snapshot, fitted, Optional.ofNullable(request.leave()).map(Set::copyOf));
        MemoryImage image = plan.image();
        if (request.planned() != null && !request.planned().equals(image.digest())) {
            throw ProblemException.conflict(
                    "planned-otherwise",
                    "Something else would be written",
                    "How " + unit.name()
                            + " carries lists, its model or the band plan was changed since this difference was shown. Nothing"
                            + " was written; look at it again.");
        }
        requireMeant(unit, plan, Optional.ofNullable(request.takesAway()).orElse(0));
        int blocks =
                Loaders.estimate(unit.definition(), snapshot.image(), image).blocks();
        Set<Integer> fromLists =
                plan.fromListsAfterwards(fitted.contents().slots().keySet());
        JobView job = jobs.begin(radioId, JobKind.WRITE);
        runner.start(job.id(), unit, snapshot.id(), transfer -> {
            MemoryImage held = transfer.write(snapshot.image(), image);
            return new Ending(
                    unit.name() + " holds " + list.list().name() + ": " + fitted.told() + left(plan) + " " + blocks
                            + (blocks == 1 ? " changed block" : " changed blocks")
                            + " written, read back and found equal; the rest was read and is as it was.",
                    () -> units.wasWritten(radioId, list.id(), list.list().name(), held, fromLists));
        });
        return job;
    }

    /** Nothing goes from a radio that the person was not shown to go. */
    private static void requireMeant(RadioUnit unit, WritePlan plan, int meant) {
        if (plan.loses() != meant) {
            throw ProblemException.conflict(
                    "loss-not-meant",
                    "More would go than was meant",
                    "Writing takes " + plan.loses() + (plan.loses() == 1 ? " channel of " : " channels of ")
                            + unit.name()
                            + " away, and takesAway says "
                            + meant + ". Nothing was written; look at the difference again.");
        }
    }

    private static String left(WritePlan plan) {
        int kept = plan.keptOfTheRadio();
        return kept == 0 ? "" : " " + kept + (kept == 1 ? " channel" : " channels") + " of the radio's own stayed.";
    }

    @PostMapping("/radios/{radioId}/restore")
    @ResponseStatus(HttpStatus.ACCEPTED)
    JobView restore(@PathVariable String radioId, @Valid @RequestBody RestoreRequest request) {
        RadioUnit unit = units.get(radioId).withCable();
        Snapshot snapshot = units.snapshot(radioId, request.snapshotId());
        JobView job = jobs.begin(radioId, JobKind.RESTORE);
        runner.start(job.id(), unit, snapshot.id(), transfer -> {
            MemoryImage held = transfer.restore(snapshot.image());
            return new Ending(unit.name() + " holds the snapshot again, read back and found equal.", () -> {
                units.wasRestored(radioId, snapshot.id());
                units.keep(radioId, "Put back: " + snapshot.reason(), held);
            });
        });
        return job;
    }

    @GetMapping("/radios/{radioId}/newest-job")
    List<JobView> newest(@PathVariable String radioId) {
        return jobs.newest(units.get(radioId).id()).stream().toList();
    }

    @GetMapping("/jobs/{id}")
    JobView get(@PathVariable UUID id) {
        return jobs.get(id);
    }

    @PostMapping("/jobs/{id}/cancel")
    JobView cancel(@PathVariable UUID id) {
        jobs.requestCancel(id);
        return jobs.get(id);
    }

    @GetMapping(path = "/jobs/{id}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter follow(@PathVariable UUID id) {
        return events.follow(jobs.get(id).id());
    }
}
