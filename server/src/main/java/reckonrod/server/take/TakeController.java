package reckonrod.server.take;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListChange;
import reckonrod.core.list.ListEdit;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.NameRecipe;
import reckonrod.core.take.Taken;
import reckonrod.core.take.TakenNames;
import reckonrod.core.take.TripList;
import reckonrod.server.lists.ListStore;
import reckonrod.server.lists.StoredList;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.reckon.FindingView;

/** Chosen entries become channels of a list: shown with what is doubtful before they are taken, or as a list of their own. */
@RestController
@RequestMapping("/api")
class TakeController {
    private static final String NEEDED = "must be given";

    private final ListStore lists;
    private final PlanLookup plans;
    private final Takes takes;

    TakeController(ListStore lists, PlanLookup plans, Takes takes) {
        this.lists = lists;
        this.plans = plans;
        this.takes = takes;
    }

    /** A way to name channels. */
    record RecipeView(String id, String words) {}

    /** Entries to take, as a list of its own that keeps the channels of this one. */
    record TakeListRequest(
            @NotBlank(message = NEEDED) @Size(max = 60, message = "must be at most 60 characters")
            String name,

            @Valid @NotNull(message = NEEDED) TakeLook take) {}

    /** A list that was made. */
    record MadeList(UUID id, String name) {}

    /** What an entry becomes. */
    record TakenView(String id, String label, boolean taken, String name, String line, List<FindingView> findings) {
        static TakenView of(Taken taken, BandPlan plan) {
            return new TakenView(
                    taken.entry().id(),
                    taken.entry().label(),
                    taken.channel().isPresent(),
                    taken.channel().map(each -> each.name()).orElse(""),
                    taken.line(),
                    taken.findings().stream()
                            .map(each -> FindingView.of(each, plan))
                            .toList());
        }

        TakenView called(ListEntry there) {
            return new TakenView(id, label, taken, there.channel().name(), there.line(), findings);
        }
    }

    /**
     * What all of them become.
     *
     * @param recipe what named them
     * @param slots where those go that are taken, in the same order; empty if they cannot go in, or no slot was asked about
     * @param refused why they cannot go in; empty if they can
     */
    record TakePreview(String recipe, List<TakenView> channels, List<Integer> slots, String refused) {}

    /** Ways to name channels: the usual ones, and that of a list if it is another one. */
    @GetMapping("/recipes")
    List<RecipeView> recipes(@RequestParam(required = false) UUID list) {
        return Stream.concat(
                        NameRecipe.USUAL.stream(),
                        Optional.ofNullable(list).map(id -> lists.get(id).list().naming()).stream())
                .distinct()
                .map(recipe -> new RecipeView(Takes.id(recipe), recipe.words()))
                .toList();
    }

    @PostMapping("/lists/{id}/take/preview")
    TakePreview preview(
            @PathVariable UUID id, @RequestParam(required = false) Integer slot, @Valid @RequestBody TakeLook look) {
        ChannelList list = lists.get(id).list();
        BandPlan plan = plans.planOf(list);
        NameRecipe recipe = takes.recipe(look, list);
        List<Taken> taken = takes.taken(look, list, recipe, plan);
        List<TakenView> views =
                taken.stream().map(each -> TakenView.of(each, plan)).toList();
        List<ListEntry> entries = taken.stream()
                .flatMap(each -> each.listEntry(UUID.randomUUID()).stream())
                .toList();
        if (slot == null || entries.isEmpty()) {
            return new TakePreview(Takes.id(recipe), views, List.of(), "");
        }
        ListEdit taking = TakenNames.taking(list, recipe, Optional.empty(), slot, entries, plan);
        return ListEdit.applyAll(list, List.of(any -> taking))
                .fold(
                        changed -> new TakePreview(
                                Takes.id(recipe),
                                called(views, entries, changed.list()),
                                entries.stream()
                                        .flatMap(each -> changed.list().slotOf(each.id()).stream())
                                        .toList(),
                                ""),
                        refused -> new TakePreview(Takes.id(recipe), views, List.of(), refused.reason()));
    }

    /** The same under the names that the channels have where they come to stand. */
    private static List<TakenView> called(List<TakenView> views, List<ListEntry> entries, ChannelList after) {
        Map<UUID, ListEntry> byId = new HashMap<>();
        after.entries().values().forEach(each -> byId.put(each.id(), each));
        Iterator<ListEntry> next = entries.iterator();
        return views.stream()
                .map(view -> view.taken() ? view.called(byId.get(next.next().id())) : view)
                .toList();
    }

    /** A list for a trip: everything of the home list stays where it is, and the trip follows as a block. */
    @PostMapping("/lists/{id}/take/list")
    @ResponseStatus(HttpStatus.CREATED)
    MadeList takeAsList(@PathVariable UUID id, @Valid @RequestBody TakeListRequest request) {
        StoredList home = lists.get(id);
        ChannelList list = home.list();
        BandPlan plan = plans.planOf(list);
        List<ListEntry> entries = takes.channels(request.take(), list, plan);
        String name = request.name().strip();
        NameRecipe recipe = takes.recipe(request.take(), list);
        ListChange.Changed made = TripList.of(list, name, recipe, entries, plan).fold(Function.identity(), refused -> {
            throw ProblemException.refused("change-refused", "That cannot be done", refused.reason());
        });
        StoredList stored = lists.create(made.list(), Optional.of(home.id()));
        return new MadeList(stored.id(), stored.list().name());
    }
}
