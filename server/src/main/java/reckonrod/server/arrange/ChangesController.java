package reckonrod.server.arrange;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ChannelMove;
import reckonrod.core.list.ListChange;
import reckonrod.core.list.ListEdit;
import reckonrod.core.list.ListEntry;
import reckonrod.server.directory.Origins;
import reckonrod.server.lists.ListStore;
import reckonrod.server.problem.ProblemException;

/** Every change of a list comes in here: one edit, or several that stand or fall together and are undone together. */
@RestController
@RequestMapping("/api/lists/{id}/changes")
class ChangesController {
    private static final int MOST_EDITS = 500;

    private final ListStore store;
    private final ListViews views;
    private final EditReader reader;
    private final Origins origins;
    private final FitPreview radios;

    ChangesController(ListStore store, ListViews views, EditReader reader, Origins origins, FitPreview radios) {
        this.radios = radios;
        this.origins = origins;
        this.store = store;
        this.views = views;
        this.reader = reader;
    }

    /**
     * What is to be changed.
     *
     * @param baseVersion the version that the person was looking at
     */
    record ChangeRequest(
            @NotNull(message = EditRequest.NEEDED) Long baseVersion,

            @NotEmpty(message = "must have at least one edit")
            @Size(max = MOST_EDITS, message = "must have at most " + MOST_EDITS + " edits")
            List<@NotNull(message = EditRequest.NEEDED) @Valid EditRequest> edits) {}

    /** The list after a change, the slot to look at, and what was done in words. */
    record ListChanged(ListView list, int slot, String said) {}

    /**
     * Where a channel would go.
     *
     * @param from the slot it is in; nothing if it is new
     * @param to the slot it would be in; nothing if it would go
     */
    record MoveView(
            String label,
            @Schema(nullable = true) Integer from,
            @Schema(nullable = true) Integer to) {}

    /** A channel that would become another one: its line as it is and as it would be. */
    record RewriteView(int slot, String before, String after) {}

    /** What a change would do; nothing is changed. */
    record Preview(
            String said, List<MoveView> moves, List<RewriteView> rewritten, List<FitPreview.RadioChangeView> radios) {}

    @PostMapping("/preview")
    Preview preview(@PathVariable UUID id, @Valid @RequestBody ChangeRequest request) {
        ChannelList now = store.get(id).list();
        ListChange.Changed done = ListEdit.applyAll(origins.completed(now), edits(request))
                .fold(Function.identity(), refused -> {
                    throw ProblemException.refused("change-refused", "That cannot be done", refused.reason());
                });
        return new Preview(
                done.summary(),
                ChannelMove.between(now, done.list()).stream()
                        .map(each -> new MoveView(
                                each.label(),
                                each.from().orElse(null),
                                each.to().orElse(null)))
                        .toList(),
                rewritten(now, done.list()),
                radios.between(now, done.list()));
    }

    private static List<RewriteView> rewritten(ChannelList before, ChannelList after) {
        Map<UUID, ListEntry> old = new HashMap<>();
        before.entries().values().forEach(entry -> old.put(entry.id(), entry));
        return after.entries().entrySet().stream()
                .filter(each -> old.containsKey(each.getValue().id()))
                .filter(each -> !old.get(each.getValue().id())
                        .channel()
                        .equals(each.getValue().channel()))
                .map(each -> new RewriteView(
                        each.getKey(),
                        old.get(each.getValue().id()).line(),
                        each.getValue().line()))
                .toList();
    }

    private List<Function<ChannelList, ListEdit>> edits(ChangeRequest request) {
        return request.edits().stream()
                .<Function<ChannelList, ListEdit>>map(edit -> list -> edit.read(reader, list))
                .toList();
    }

    @PostMapping
    ListChanged change(@PathVariable UUID id, @Valid @RequestBody ChangeRequest request) {
        ListStore.ChangedList changed = store.change(
                id, request.baseVersion(), list -> ListEdit.applyAll(origins.completed(list), edits(request)));
        return new ListChanged(views.changed(changed.list()), changed.slot(), changed.summary());
    }
}
