package reckonrod.server.arrange;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.planchange.PlanChange;
import reckonrod.server.lists.ListStore;
import reckonrod.server.lists.StoredList;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.reckon.FindingView;
import reckonrod.server.reckon.ReckonAnswer;

/** Shows what another band plan or class of licence would move. */
@RestController
@RequestMapping("/api/lists/{id}/plan")
class PlanChangeController {
    private final ListStore store;
    private final PlanLookup plans;

    PlanChangeController(ListStore store, PlanLookup plans) {
        this.store = store;
        this.plans = plans;
    }

    /** The plan and the class of licence to go by; without a class the plan's usual one. */
    record PlanChoice(
            @NotBlank(message = "must name a band plan") String bandPlan,
            @Schema(nullable = true) String licence) {}

    /** What the change would do; nothing is done yet. */
    record PlanPreview(long version, String bandPlan, String licence, int moved, int untouched, List<MovedRow> rows) {}

    /** A channel that moves, or that the new plan finds fault with. */
    record MovedRow(
            int slot,
            String label,
            boolean moves,
            String outcome,
            ReckonAnswer.Sum before,
            ReckonAnswer.Sum after,
            List<FindingView> findings) {
        static MovedRow of(PlanChange.Row row, BandPlan from, BandPlan to) {
            return new MovedRow(
                    row.slot(),
                    row.before().label(),
                    row.moves(),
                    row.outcome().words(),
                    ReckonAnswer.Sum.of(row.before(), from),
                    ReckonAnswer.Sum.of(row.after(), to),
                    row.findings().stream()
                            .map(each -> FindingView.of(each, to))
                            .toList());
        }
    }

    @PostMapping("/preview")
    PlanPreview preview(@PathVariable UUID id, @Valid @RequestBody PlanChoice choice) {
        StoredList stored = store.get(id);
        BandPlan from = plans.planOf(stored.list());
        BandPlan to = plans.plan(choice.bandPlan(), Optional.ofNullable(choice.licence()));
        PlanChange change = PlanChange.of(stored.list(), from, to);
        int moved = (int) change.rows().stream().filter(PlanChange.Row::moves).count();
        return new PlanPreview(
                stored.version(),
                to.id(),
                to.licence().name(),
                moved,
                stored.list().entries().size() - moved,
                change.rows().stream().map(row -> MovedRow.of(row, from, to)).toList());
    }
}
