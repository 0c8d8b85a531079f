package reckonrod.server.reckon;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.notation.Reckoner;

/** The Reckon line. */
@RestController
@RequestMapping("/api/reckon")
class ReckonController {
    private final PlanLookup plans;

    ReckonController(PlanLookup plans) {
        this.plans = plans;
    }

    /** A line and the plan to work it out by. */
    record ReckonRequest(
            @NotNull(message = "must be a line of text, such as 145.310- 71.9")
            String line,

            @NotBlank(message = "must name a band plan, such as r2-north-america")
            String bandPlan) {}

    @PostMapping
    ReckonAnswer reckon(@Valid @RequestBody ReckonRequest request) {
        BandPlan plan = plans.plan(request.bandPlan());
        return ReckonAnswer.of(Reckoner.reckon(request.line(), plan), plan);
    }
}
