package reckonrod.server.review;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.exchange.ListCsv;
import reckonrod.core.take.ListingLines;
import reckonrod.server.plans.PlanLookup;

/** Turns a pasted table into lines. */
@RestController
@RequestMapping("/api/lines")
class LinesController {
    private final PlanLookup plans;
    private final Clock clock;

    LinesController(PlanLookup plans, Clock clock) {
        this.plans = plans;
        this.clock = clock;
    }

    /** A text as it was pasted. */
    record LinesRequest(
            @NotNull(message = "must be given") String text,

            @NotBlank(message = "must name a band plan, such as r2-north-america")
            String bandPlan) {}

    /** The text as lines; the same text where it is no table. */
    record LinesView(String text, boolean table, int unread) {}

    @PostMapping
    LinesView lines(@Valid @RequestBody LinesRequest request) {
        BandPlan plan = plans.plan(request.bandPlan());
        ListingLines lines = ListCsv.lines(request.text(), plan)
                .orElseGet(() -> ListingLines.of(request.text(), plan, LocalDate.now(clock)));
        return lines.isTable()
                ? new LinesView(String.join("\n", lines.lines()), true, lines.unread())
                : new LinesView(request.text(), false, 0);
    }
}
