package reckonrod.server.arrange;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
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
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListTemplate;
import reckonrod.core.list.SlotRange;
import reckonrod.server.lists.ListStore;
import reckonrod.server.lists.ListSummary;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.problem.ProblemException;

/** Lists, and the way through their history. */
@RestController
@RequestMapping("/api/lists")
class ListController {
    private static final String NEEDED = "must be given";

    /** The slots of a new list, unless it is to have another number. */
    private static final int USUAL_SLOTS = 150;

    private final ListStore store;
    private final ListViews views;
    private final PlanLookup plans;

    ListController(ListStore store, ListViews views, PlanLookup plans) {
        this.store = store;
        this.views = views;
        this.plans = plans;
    }

    /** A new list. */
    record CreateRequest(
            @NotBlank(message = "must not be blank") @Size(max = 60, message = "must be at most 60 characters")
            String name,

            @NotBlank(message = "must name a band plan, such as r2-north-america")
            String bandPlan,

            @Schema(nullable = true)
            @Min(value = 1, message = "must be 1 to 9999")
            @Max(value = 9999, message = "must be 1 to 9999")
            Integer slots,

            @Schema(nullable = true) String template) {}

    /** A beginning of a list, and how many slots its blocks have together. */
    record TemplateView(String id, String words, int slots, List<String> blocks) {}

    @GetMapping("/templates")
    List<TemplateView> templates() {
        return ListTemplate.shipped().stream()
                .map(each -> new TemplateView(each.id(), each.words(), each.slots(), each.names()))
                .toList();
    }

    /** The version the person was looking at. */
    record VersionRequest(@NotNull(message = NEEDED) Long baseVersion) {}

    /** A revision to come back to. */
    record GoBackRequest(
            @NotNull(message = NEEDED) Long baseVersion,
            @NotNull(message = NEEDED) Long revision) {}

    @GetMapping
    List<ListSummary> all() {
        return store.all();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ListSummary create(@Valid @RequestBody CreateRequest request) {
        BandPlan plan = plans.plan(request.bandPlan());
        int slots = Optional.ofNullable(request.slots()).orElse(USUAL_SLOTS);
        SlotRange range = new SlotRange(0, slots - 1);
        String name = request.name().strip();
        return store.create(Optional.ofNullable(request.template())
                        .map(id -> begun(template(id), name, plan, range))
                        .orElseGet(() -> ChannelList.empty(name, plan.id(), range)))
                .summary();
    }

    private static ListTemplate template(String id) {
        return ListTemplate.shipped().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow(() -> ProblemException.refused(
                        "template-unknown",
                        "No such template",
                        "template must be one of "
                                + ListTemplate.shipped().stream()
                                        .map(ListTemplate::id)
                                        .collect(Collectors.joining(", "))
                                + ", was \"" + id + "\"."));
    }

    private static ChannelList begun(ListTemplate template, String name, BandPlan plan, SlotRange slots) {
        try {
            return template.list(name, plan, slots);
        } catch (IllegalArgumentException few) {
            throw ProblemException.refused("slots-too-few", "Too few slots", few.getMessage() + ".");
        }
    }

    /** What a copy is called. */
    record CopyRequest(
            @NotBlank(message = "must not be blank") @Size(max = 60, message = "must be at most 60 characters")
            String name) {}

    /** The list as it is now once more, under another name; its history begins anew. */
    @PostMapping("/{id}/copy")
    @ResponseStatus(HttpStatus.CREATED)
    ListSummary copy(@PathVariable UUID id, @Valid @RequestBody CopyRequest request) {
        return store.create(store.get(id).list().copyNamed(request.name().strip(), 0))
                .summary();
    }

    /** Into the bin, where it lies for 30 days. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void bin(@PathVariable UUID id) {
        store.bin(id);
    }

    @GetMapping("/binned")
    List<ListStore.BinnedList> binned() {
        return store.binned();
    }

    @PostMapping("/{id}/bring-back")
    ListSummary bringBack(@PathVariable UUID id) {
        return store.bringBack(id).summary();
    }

    @GetMapping("/{id}")
    ListView get(@PathVariable UUID id) {
        return views.whole(store.get(id));
    }

    @PostMapping("/{id}/undo")
    ListView undo(@PathVariable UUID id, @Valid @RequestBody VersionRequest request) {
        return views.changed(store.undo(id, request.baseVersion()));
    }

    @PostMapping("/{id}/redo")
    ListView redo(@PathVariable UUID id, @Valid @RequestBody VersionRequest request) {
        return views.changed(store.redo(id, request.baseVersion()));
    }

    @GetMapping("/{id}/history")
    List<ListStore.PastRevision> history(@PathVariable UUID id) {
        return store.history(id);
    }

    /** What a change of the past is called; nothing takes its name away. */
    record RevisionNameRequest(
            @NotNull(message = NEEDED) @Size(max = 60, message = "must be at most 60 characters")
            String name) {}

    @PutMapping("/{id}/history/{revision}/name")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void name(@PathVariable UUID id, @PathVariable long revision, @Valid @RequestBody RevisionNameRequest request) {
        store.name(id, revision, request.name());
    }

    @PostMapping("/{id}/restore")
    ListView restore(@PathVariable UUID id, @Valid @RequestBody GoBackRequest request) {
        return views.changed(store.restore(id, request.baseVersion(), request.revision()));
    }
}
