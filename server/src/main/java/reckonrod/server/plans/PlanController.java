package reckonrod.server.plans;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.server.request.AnyText;
import tools.jackson.databind.annotation.JsonDeserialize;

/** Band plans: those that ship, to be read and copied, and the person's own, to be edited. */
@RestController
@RequestMapping("/api/band-plans")
class PlanController {
    private static final String NEEDED = "must be given";

    private final PlanLookup plans;
    private final PlanStore store;
    private final BandPlans shipped;

    PlanController(PlanLookup plans, PlanStore store, BandPlans shipped) {
        this.plans = plans;
        this.store = store;
        this.shipped = shipped;
    }

    /** The text of a plan. */
    record PlanText(
            @NotBlank(message = "must be the text of a plan") @JsonDeserialize(using = AnyText.class)
            String yaml) {}

    /** Another text for a plan. */
    record PlanEdit(
            @NotNull(message = NEEDED) Long baseVersion,

            @NotBlank(message = "must be the text of a plan") @JsonDeserialize(using = AnyText.class)
            String yaml) {}

    @GetMapping
    List<PlanView> all() {
        return plans.all().stream().map(each -> PlanView.of(each, shipped)).toList();
    }

    @GetMapping("/{id}")
    PlanFileView get(@PathVariable String id) {
        return PlanFileView.of(store.get(id), shipped);
    }

    /** Reads a text without keeping it; its faults are the problem. */
    @PostMapping("/check")
    PlanView check(@Valid @RequestBody PlanText request) {
        BandPlan plan = PlanStore.read("plan.yaml", request.yaml());
        return PlanView.of(plan, shipped);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    PlanFileView add(@Valid @RequestBody PlanText request) {
        return PlanFileView.of(store.add(request.yaml()), shipped);
    }

    @PutMapping("/{id}")
    PlanFileView change(@PathVariable String id, @Valid @RequestBody PlanEdit request) {
        return PlanFileView.of(store.change(id, request.baseVersion(), request.yaml()), shipped);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable String id) {
        store.delete(id);
    }
}
