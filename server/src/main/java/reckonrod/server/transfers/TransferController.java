package reckonrod.server.transfers;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
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
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;

/** Transfers: start one, follow it, stop it. */
@RestController
@RequestMapping("/api")
class TransferController {
    private static final String NEEDED = "must be given";

    private final JobStore jobs;
    private final JobRunner runner;
    private final JobEvents events;
    private final RadioUnits units;
    private final PlannedWrites planned;
    private final Transfers transfers;

    TransferController(
            JobStore jobs,
            JobRunner runner,
            JobEvents events,
            RadioUnits units,
            PlannedWrites planned,
            Transfers transfers) {
        this.jobs = jobs;
        this.runner = runner;
        this.events = events;
        this.units = units;
        this.planned = planned;
        this.transfers = transfers;
    }

    /**
     * The list to write, as the person saw it, and the snapshot that the difference was shown against.
     *
     * @param leave the slots that are left as they are; the usual ones if left out
     * @param planned what the difference named that was shown; the radio's model or its slots may be others since then
     * @param settings what settings of the radio shall be set to, by their names; those left out stay
     * @param takesAway how many channels of the radio the person knows to go; 0 if left out
     */
    record WriteRequest(
            @NotNull(message = NEEDED) UUID listId,
            @NotNull(message = NEEDED) Long listVersion,
            @NotNull(message = NEEDED) UUID snapshotId,
            @Schema(nullable = true) List<Integer> leave,
            @Schema(nullable = true) Integer takesAway,
            @Schema(nullable = true) String planned,
            @Schema(nullable = true) Map<String, String> settings) {}

    /** The snapshot to put back. */
    record RestoreRequest(@NotNull(message = NEEDED) UUID snapshotId) {}

    @PostMapping("/radios/{radioId}/read")
    @ResponseStatus(HttpStatus.ACCEPTED)
    JobView read(@PathVariable String radioId) {
        return transfers.read(units.get(radioId).withLine(), runner.ownPort());
    }

    @PostMapping("/radios/{radioId}/write")
    @ResponseStatus(HttpStatus.ACCEPTED)
    JobView write(@PathVariable String radioId, @Valid @RequestBody WriteRequest request) {
        return transfers.write(planned.plan(units.get(radioId).withLine(), request), runner.ownPort());
    }

    @PostMapping("/radios/{radioId}/restore")
    @ResponseStatus(HttpStatus.ACCEPTED)
    JobView restore(@PathVariable String radioId, @Valid @RequestBody RestoreRequest request) {
        RadioUnit unit = units.get(radioId).withLine();
        return transfers.restore(unit, units.snapshot(radioId, request.snapshotId()), runner.ownPort());
    }

    @GetMapping("/radios/{radioId}/newest-job")
    List<JobView> newest(@PathVariable String radioId) {
        RadioUnit unit = units.get(radioId);
        // What a transfer said of the radio before an archive was restored is not known to be so any more.
        return jobs.newest(unit.id()).stream()
                .filter(job -> job.finishedAt() == null
                        || unit.unknownSince()
                                .filter(job.finishedAt()::isBefore)
                                .isEmpty())
                .toList();
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
