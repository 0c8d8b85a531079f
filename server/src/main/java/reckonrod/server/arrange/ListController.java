package reckonrod.server.arrange;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListChange;
import reckonrod.core.list.SlotRange;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.notation.WorkedAnswer;
import reckonrod.server.lists.ListStore;
import reckonrod.server.lists.StoredList;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.reckon.FindingView;
import reckonrod.server.reckon.PlanLookup;

/** Lists and their changes. A channel comes in as a line and is worked out here anew. */
@RestController
@RequestMapping("/api/lists")
class ListController {
    private static final String NEEDED = "must be given";

    /** The slots of a new list. */
    private static final SlotRange SLOTS = new SlotRange(0, 149);

    private final ListStore store;
    private final ListViews views;
    private final PlanLookup plans;

    ListController(ListStore store, ListViews views, PlanLookup plans) {
        this.store = store;
        this.views = views;
        this.plans = plans;
    }

    /** A list in the choice of lists. */
    record ListSummary(UUID id, String name, int channels, String bandPlan) {}

    /** A new list. */
    record CreateRequest(
            @NotBlank(message = "must not be blank") @Size(max = 60, message = "must be at most 60 characters")
            String name,

            @NotBlank(message = "must name a band plan, such as r2-north-america")
            String bandPlan) {}

    /** A line for a slot. */
    record PutRequest(
            @NotNull(message = NEEDED) Long baseVersion,
            @NotNull(message = NEEDED) Integer slot,
            @NotNull(message = NEEDED) String line) {}

    /** Another line for a channel. */
    record EditRequest(
            @NotNull(message = NEEDED) Long baseVersion,
            @NotNull(message = NEEDED) String line) {}

    /** Another slot for a channel. */
    record MoveRequest(
            @NotNull(message = NEEDED) Long baseVersion,
            @NotNull(message = NEEDED) Integer slot) {}

    /** Whether a channel keeps its slot. */
    record PinRequest(
            @NotNull(message = NEEDED) Long baseVersion,
            @NotNull(message = NEEDED) Boolean pinned) {}

    /** The version the person was looking at. */
    record VersionRequest(@NotNull(message = NEEDED) Long baseVersion) {}

    /** A revision to come back to. */
    record GoBackRequest(
            @NotNull(message = NEEDED) Long baseVersion,
            @NotNull(message = NEEDED) Long revision) {}

    /** The list after a change, and the slot to look at. */
    record ListChanged(ListView list, int slot) {}

    @GetMapping
    List<ListSummary> all() {
        return store.all().stream().map(ListController::summary).toList();
    }

    private static ListSummary summary(StoredList stored) {
        ChannelList list = stored.list();
        return new ListSummary(stored.id(), list.name(), list.entries().size(), list.bandPlanId());
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ListSummary create(@Valid @RequestBody CreateRequest request) {
        BandPlan plan = plans.plan(request.bandPlan());
        return summary(store.create(
                new ChannelList(request.name().strip(), plan.id(), SLOTS, List.of(), Collections.emptyNavigableMap())));
    }

    @GetMapping("/band-plans")
    List<ListView.PlanView> bandPlans() {
        return plans.all().stream().map(ListView.PlanView::of).toList();
    }

    @GetMapping("/{id}")
    ListView get(@PathVariable UUID id) {
        return views.view(store.get(id));
    }

    @PostMapping("/{id}/channels")
    ListChanged put(@PathVariable UUID id, @Valid @RequestBody PutRequest request) {
        return change(
                id,
                request.baseVersion(),
                list -> list.put(
                        request.slot(),
                        UUID.randomUUID(),
                        channel(request.line(), list),
                        request.line().strip()));
    }

    @PutMapping("/{id}/channels/{channelId}")
    ListChanged edit(@PathVariable UUID id, @PathVariable UUID channelId, @Valid @RequestBody EditRequest request) {
        return change(
                id,
                request.baseVersion(),
                list -> list.edit(
                        channelId, channel(request.line(), list), request.line().strip()));
    }

    @DeleteMapping("/{id}/channels/{channelId}")
    ListChanged delete(@PathVariable UUID id, @PathVariable UUID channelId, @RequestParam long baseVersion) {
        return change(id, baseVersion, list -> list.delete(channelId));
    }

    @PostMapping("/{id}/channels/{channelId}/move")
    ListChanged move(@PathVariable UUID id, @PathVariable UUID channelId, @Valid @RequestBody MoveRequest request) {
        return change(id, request.baseVersion(), list -> list.move(channelId, request.slot()));
    }

    @PostMapping("/{id}/channels/{channelId}/pin")
    ListChanged pin(@PathVariable UUID id, @PathVariable UUID channelId, @Valid @RequestBody PinRequest request) {
        return change(id, request.baseVersion(), list -> list.pin(channelId, request.pinned()));
    }

    @PostMapping("/{id}/undo")
    ListView undo(@PathVariable UUID id, @Valid @RequestBody VersionRequest request) {
        return views.view(store.undo(id, request.baseVersion()));
    }

    @PostMapping("/{id}/redo")
    ListView redo(@PathVariable UUID id, @Valid @RequestBody VersionRequest request) {
        return views.view(store.redo(id, request.baseVersion()));
    }

    @GetMapping("/{id}/history")
    List<ListStore.PastRevision> history(@PathVariable UUID id) {
        return store.history(id);
    }

    @PostMapping("/{id}/restore")
    ListView restore(@PathVariable UUID id, @Valid @RequestBody GoBackRequest request) {
        return views.view(store.restore(id, request.baseVersion(), request.revision()));
    }

    private ListChanged change(UUID id, long baseVersion, Function<ChannelList, ListChange> change) {
        ListStore.ChangedList changed = store.change(id, baseVersion, change);
        return new ListChanged(views.view(changed.list()), changed.slot());
    }

    private Channel channel(String line, ChannelList list) {
        BandPlan plan = plans.plan(list.bandPlanId());
        WorkedAnswer answer = Reckoner.reckon(line, plan);
        return answer.channel().orElseThrow(() -> {
            List<FindingView> findings = answer.findings().stream()
                    .map(each -> FindingView.of(each, plan))
                    .toList();
            return new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "line-without-channel",
                    "The line gives no channel",
                    findings.get(0).message() + " " + findings.get(0).why(),
                    Map.of("field", "line", "findings", findings));
        });
    }
}
