package reckonrod.server.take;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
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
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListChange;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.NameRecipe;
import reckonrod.core.take.Taken;
import reckonrod.core.take.Taking;
import reckonrod.server.arrange.ListChanges;
import reckonrod.server.arrange.ListChanges.ListChanged;
import reckonrod.server.directory.DirectoryStore;
import reckonrod.server.find.Searching;
import reckonrod.server.lists.ListStore;
import reckonrod.server.lists.StoredList;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.reckon.FindingView;

/** Chosen entries become channels of a list: first shown with what is doubtful, then taken in one move. */
@RestController
@RequestMapping("/api")
class TakeController {
    private static final String NEEDED = "must be given";

    private final ListStore lists;
    private final ListChanges changes;
    private final DirectoryStore directory;
    private final PlanLookup plans;
    private final Searching searching;

    TakeController(
            ListStore lists, ListChanges changes, DirectoryStore directory, PlanLookup plans, Searching searching) {
        this.lists = lists;
        this.changes = changes;
        this.directory = directory;
        this.plans = plans;
        this.searching = searching;
    }

    /** A way to name channels. */
    record RecipeView(String id, String words) {}

    /** The entries that are to be taken, and how they are named; by the list's own recipe if that is missing. */
    record TakeLook(
            @NotEmpty(message = "must name at least one entry")
            @Size(max = 500, message = "must name at most 500 entries")
            List<String> entries,

            @Schema(nullable = true) String recipe) {}

    /** The same, to be done. */
    record TakeRequest(
            @NotNull(message = NEEDED) Long baseVersion,
            @NotNull(message = NEEDED) Integer slot,
            @Valid @NotNull(message = NEEDED) TakeLook take) {}

    /** The same, as a block of its own. */
    record TakeBlockRequest(
            @NotNull(message = NEEDED) Long baseVersion,

            @NotBlank(message = NEEDED) @Size(max = 60, message = "must be at most 60 characters")
            String name,

            @Valid @NotNull(message = NEEDED) TakeLook take) {}

    /** The same, as a list of its own that keeps the channels of this one. */
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
    }

    /**
     * What all of them become.
     *
     * @param recipe what named them
     * @param slots where those go that are taken, in the same order; empty if they cannot go in, or no slot was asked about
     * @param refused why they cannot go in; empty if they can
     */
    record TakePreview(String recipe, List<TakenView> channels, List<Integer> slots, String refused) {}

    @GetMapping("/recipes")
    List<RecipeView> recipes() {
        return Arrays.stream(NameRecipe.values())
                .map(recipe -> new RecipeView(id(recipe), recipe.words()))
                .toList();
    }

    @PostMapping("/lists/{id}/take/preview")
    TakePreview preview(
            @PathVariable UUID id, @RequestParam(required = false) Integer slot, @Valid @RequestBody TakeLook look) {
        ChannelList list = lists.get(id).list();
        BandPlan plan = plans.planOf(list);
        NameRecipe recipe = recipe(look, list);
        List<Taken> taken = taken(look, list, recipe, plan);
        List<TakenView> views =
                taken.stream().map(each -> TakenView.of(each, plan)).toList();
        List<ListEntry> entries = taken.stream()
                .flatMap(each -> each.listEntry(UUID.randomUUID()).stream())
                .toList();
        if (slot == null || entries.isEmpty()) {
            return new TakePreview(id(recipe), views, List.of(), "");
        }
        return list.putAll(slot, entries)
                .fold(
                        changed -> new TakePreview(
                                id(recipe),
                                views,
                                entries.stream()
                                        .flatMap(each -> changed.list().slotOf(each.id()).stream())
                                        .toList(),
                                ""),
                        refused -> new TakePreview(id(recipe), views, List.of(), refused.reason()));
    }

    @PostMapping("/lists/{id}/take")
    ListChanged take(@PathVariable UUID id, @Valid @RequestBody TakeRequest request) {
        return changes.change(id, request.baseVersion(), (list, plan) -> {
            NameRecipe recipe = recipe(request.take(), list);
            List<ListEntry> entries = channels(request.take(), list, recipe, plan);
            return list.namedBy(recipe).putAll(request.slot(), entries);
        });
    }

    @PostMapping("/lists/{id}/take/block")
    ListChanged takeAsBlock(@PathVariable UUID id, @Valid @RequestBody TakeBlockRequest request) {
        return changes.change(id, request.baseVersion(), (list, plan) -> {
            List<ListEntry> entries = channels(request.take(), list, recipe(request.take(), list), plan);
            return list.putBlock(request.name().strip(), list.slots().first(), entries);
        });
    }

    /** A list for a trip: everything of the home list stays where it is, and the trip follows as a block. */
    @PostMapping("/lists/{id}/take/list")
    @ResponseStatus(HttpStatus.CREATED)
    MadeList takeAsList(@PathVariable UUID id, @Valid @RequestBody TakeListRequest request) {
        StoredList home = lists.get(id);
        ChannelList list = home.list();
        BandPlan plan = plans.planOf(list);
        List<ListEntry> entries = channels(request.take(), list, recipe(request.take(), list), plan);
        String name = request.name().strip();
        ListChange.Changed made = withBlock(list, name, entries);
        StoredList stored = lists.create(made.list(), Optional.of(home.id()));
        return new MadeList(stored.id(), stored.list().name());
    }

    private static ListChange.Changed withBlock(ChannelList home, String name, List<ListEntry> entries) {
        return home.copyNamed(name, 0)
                .putBlock(name, home.slots().first(), entries)
                .fold(
                        Function.identity(),
                        full -> home.copyNamed(name, entries.size())
                                .putBlock(name, home.slots().first(), entries)
                                .fold(Function.identity(), refused -> {
                                    throw ProblemException.refused(
                                            "change-refused", "That cannot be done", refused.reason());
                                }));
    }

    private List<ListEntry> channels(TakeLook look, ChannelList list, NameRecipe recipe, BandPlan plan) {
        List<ListEntry> entries = taken(look, list, recipe, plan).stream()
                .flatMap(each -> each.listEntry(UUID.randomUUID()).stream())
                .toList();
        if (entries.isEmpty()) {
            throw ProblemException.refused(
                    "nothing-to-take",
                    "Nothing to take",
                    "None of the entries gives a channel: an FM radio hears only noise on digital voice.");
        }
        return entries;
    }

    private List<Taken> taken(TakeLook look, ChannelList list, NameRecipe recipe, BandPlan plan) {
        Map<String, DirectoryEntry> entries = directory.byIds(look.entries());
        List<DirectoryEntry> inOrder = look.entries().stream()
                .distinct()
                .map(entries::get)
                .filter(Objects::nonNull)
                .toList();
        if (inOrder.isEmpty()) {
            throw ProblemException.notFound("The directory has none of these entries any more. Search again.");
        }
        return Taking.all(inOrder, list, recipe, plan, searching.today());
    }

    private static NameRecipe recipe(TakeLook look, ChannelList list) {
        if (look.recipe() == null || look.recipe().isBlank()) {
            return list.naming();
        }
        return Arrays.stream(NameRecipe.values())
                .filter(recipe -> id(recipe).equals(look.recipe()))
                .findFirst()
                .orElseThrow(() -> ProblemException.refused(
                        "recipe-unknown",
                        "Unknown recipe",
                        "\"" + look.recipe() + "\" is no way to name channels; ask /api/recipes for those there are."));
    }

    private static String id(NameRecipe recipe) {
        return recipe.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
