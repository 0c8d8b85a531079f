package reckonrod.server.radios;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The checklist of a radio. */
@RestController
@RequestMapping("/api/radios/{radioId}/by-hand")
class ByHandController {
    private final ByHand byHand;

    ByHandController(ByHand byHand) {
        this.byHand = byHand;
    }

    /**
     * Something to do by hand.
     *
     * @param since the write that it is left of
     */
    record ByHandView(
            UUID id,
            String words,
            Instant since,
            @Schema(nullable = true) Instant doneAt) {
        static ByHandView of(ByHandRecord step) {
            return new ByHandView(step.id(), step.words(), step.since(), step.doneAt());
        }
    }

    /** Whether it is done. */
    record TickRequest(boolean done) {}

    @GetMapping
    List<ByHandView> steps(@PathVariable String radioId) {
        return byHand.of(radioId).stream().map(ByHandView::of).toList();
    }

    @PutMapping("/{id}")
    List<ByHandView> tick(@PathVariable String radioId, @PathVariable UUID id, @RequestBody TickRequest request) {
        byHand.tick(radioId, id, request.done());
        return steps(radioId);
    }
}
