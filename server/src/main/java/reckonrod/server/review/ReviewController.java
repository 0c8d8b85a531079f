package reckonrod.server.review;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.notation.Review;
import reckonrod.server.arrange.ListChanges;
import reckonrod.server.arrange.ListChanges.ListChanged;
import reckonrod.server.lists.ListStore;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.problem.ProblemException;

/** Many lines at once: worked out and judged first, then put into the list together. */
@RestController
@RequestMapping("/api/lists/{id}")
class ReviewController {
    private static final String NEEDED = "must be given";

    private final ListStore store;
    private final ListChanges changes;
    private final PlanLookup plans;

    ReviewController(ListStore store, ListChanges changes, PlanLookup plans) {
        this.store = store;
        this.changes = changes;
        this.plans = plans;
    }

    /** The text of a listing, and the slot from which on it is to go in. */
    record ReviewRequest(
            @NotNull(message = NEEDED) @Size(max = 1_200_000, message = "must be at most 1,200,000 characters")
            String text,

            @NotNull(message = NEEDED) Integer slot) {}

    /**
     * Lines that go in together.
     *
     * @param block the name of a new block for them; without one they fill free slots
     */
    record PutManyRequest(
            @NotNull(message = NEEDED) Long baseVersion,
            @NotNull(message = NEEDED) Integer slot,

            @NotEmpty(message = "must hold at least one line")
            @Size(max = Review.MOST_LINES, message = "must be at most 5000 lines")
            List<@NotNull(message = NEEDED) String> lines,

            @Schema(nullable = true) @Size(max = 60, message = "must be at most 60 characters")
            String block) {}

    @PostMapping("/review")
    ReviewView review(@PathVariable UUID id, @Valid @RequestBody ReviewRequest request) {
        ChannelList list = store.get(id).list();
        BandPlan plan = plans.planOf(list);
        try {
            return ReviewView.of(Review.of(request.text(), list, plan), list.freeFrom(request.slot()), plan);
        } catch (IllegalArgumentException tooMany) {
            throw ProblemException.refused(
                    "too-many-lines",
                    "Too many lines",
                    tooMany.getMessage() + ". Paste them in parts; nothing was lost.");
        }
    }

    @PostMapping("/channels/many")
    ListChanged putMany(@PathVariable UUID id, @Valid @RequestBody PutManyRequest request) {
        Optional<String> block =
                Optional.ofNullable(request.block()).map(String::strip).filter(name -> !name.isEmpty());
        return changes.change(id, request.baseVersion(), (list, plan) -> {
            List<ListEntry> entries = request.lines().stream()
                    .map(line -> changes.entry(line, plan))
                    .toList();
            return block.map(name -> list.putBlock(name, request.slot(), entries))
                    .orElseGet(() -> list.putAll(request.slot(), entries));
        });
    }
}
