package reckonrod.server.reckon;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.notation.Explanation;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.notation.WorkedAnswer;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.request.AnyText;
import tools.jackson.databind.annotation.JsonDeserialize;

/** The Reckon line. */
@RestController
@RequestMapping("/api/reckon")
class ReckonController {
    private final PlanLookup plans;
    private final RadioDefinitions radios;
    private final Placing placing;

    ReckonController(PlanLookup plans, RadioDefinitions radios, Placing placing) {
        this.placing = placing;
        this.plans = plans;
        this.radios = radios;
    }

    /**
     * A line and the plan to work it out by.
     *
     * @param licence the class of licence that judges it; the plan's usual one if left out
     * @param published the line that the channel came in as, to be told what was typed over since
     * @param before the line before an edit, to be told what the edit changes
     * @param list the list that it would go into, to be told its slot and what the radios make of it
     * @param slot the slot at the cursor
     */
    record ReckonRequest(
            @NotNull(message = "must be a line of text, such as 145.310- 71.9") @JsonDeserialize(using = AnyText.class)
            String line,

            @NotBlank(message = "must name a band plan, such as r2-north-america")
            String bandPlan,

            @Schema(nullable = true) String licence,
            @Schema(nullable = true) String published,
            @Schema(nullable = true) String before,
            @Schema(nullable = true) UUID list,
            @Schema(nullable = true) Integer slot) {}

    @PostMapping
    ReckonAnswer reckon(@Valid @RequestBody ReckonRequest request) {
        BandPlan plan = plans.plan(request.bandPlan())
                .judgingBy(Optional.ofNullable(request.licence()).orElse(""));
        String published = Optional.ofNullable(request.published()).orElse(request.line());
        WorkedAnswer answer = Explanation.explain(request.line(), published, plan);
        List<Explanation.Change> changes = Optional.ofNullable(request.before())
                .map(before -> Explanation.changes(Reckoner.reckon(before, plan), answer))
                .orElse(List.of());
        Optional<ReckonAnswer.PlaceView> place = request.list() == null || request.slot() == null
                ? Optional.empty()
                : answer.channel()
                        .map(channel -> placing.place(request.list(), request.slot(), channel, request.line(), plan));
        return ReckonAnswer.of(answer, changes, plan, radios.all(), place);
    }
}
