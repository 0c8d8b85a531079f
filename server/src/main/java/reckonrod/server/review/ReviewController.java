package reckonrod.server.review;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.judge.Review;
import reckonrod.core.list.ChannelList;
import reckonrod.server.lists.ListStore;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.problem.ProblemException;

/** Many lines at once, worked out and judged before they go into the list. */
@RestController
@RequestMapping("/api/lists/{id}")
class ReviewController {
    private static final String NEEDED = "must be given";

    private final ListStore store;
    private final PlanLookup plans;

    ReviewController(ListStore store, PlanLookup plans) {
        this.store = store;
        this.plans = plans;
    }

    /** The text of a listing, and the slot from which on it is to go in. */
    record ReviewRequest(
            @NotNull(message = NEEDED) @Size(max = 1_200_000, message = "must be at most 1,200,000 characters")
            String text,

            @NotNull(message = NEEDED) Integer slot) {}

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
}
