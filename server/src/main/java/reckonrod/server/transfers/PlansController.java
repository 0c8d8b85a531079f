package reckonrod.server.transfers;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.server.radios.RadioUnits;

/** Plans that are kept, looked at again, and made one after the other. */
@RestController
class PlansController {
    private final KeptPlans plans;
    private final PlanQueue queue;
    private final RadioUnits units;

    PlansController(KeptPlans plans, PlanQueue queue, RadioUnits units) {
        this.plans = plans;
        this.queue = queue;
        this.units = units;
    }

    /**
     * A kept plan.
     *
     * @param says what it does, in a few words
     * @param lines what it does, slot by slot
     * @param stale why it cannot be made as it was shown; empty while it can
     * @param message how it ended
     */
    record KeptPlanView(
            UUID id,
            String radioId,
            String radio,
            String listName,
            String says,
            List<String> lines,
            Instant keptAt,
            KeptPlanRecord.State state,
            String stale,
            String message,
            @Schema(nullable = true) UUID jobId) {
        static KeptPlanView of(KeptPlans.Kept kept) {
            KeptPlanRecord plan = kept.plan();
            return new KeptPlanView(
                    plan.id(),
                    plan.radioId(),
                    kept.unit().name(),
                    plan.listName(),
                    plan.says(),
                    plan.lines(),
                    plan.keptAt(),
                    kept.state(),
                    kept.stale(),
                    kept.message(),
                    plan.jobId());
        }
    }

    /** Plans to be made, in that order. */
    record RunRequest(
            @NotEmpty(message = "must name a plan or more") @Size(max = 60, message = "must be at most 60 plans")
            List<@NotNull(message = "must be given") UUID> plans) {}

    @GetMapping("/api/plans")
    List<KeptPlanView> all() {
        return plans.all().stream().map(KeptPlanView::of).toList();
    }

    /** Keeps what a write would do, checked as the write itself is. */
    @PostMapping("/api/radios/{radioId}/plans")
    @ResponseStatus(HttpStatus.CREATED)
    KeptPlanView keep(@PathVariable String radioId, @Valid @RequestBody TransferController.WriteRequest request) {
        return KeptPlanView.of(plans.keep(units.get(radioId).withLink(), request));
    }

    @DeleteMapping("/api/plans/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forget(@PathVariable UUID id) {
        plans.forget(id);
    }

    @PostMapping("/api/plans/run")
    @ResponseStatus(HttpStatus.ACCEPTED)
    void run(@Valid @RequestBody RunRequest request) {
        queue.run(request.plans());
    }
}
