package reckonrod.server.exchange;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.exchange.RadioList;
import reckonrod.core.image.ImageCodec;
import reckonrod.server.lists.ListStore;
import reckonrod.server.lists.ListSummary;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;
import reckonrod.server.radios.Snapshot;

/** A snapshot of a radio becomes a list of its own: a borrowed radio, or what was there before Reckonrod. */
@RestController
class SnapshotListController {
    private final RadioUnits radios;
    private final ListStore store;
    private final PlanLookup plans;

    SnapshotListController(RadioUnits radios, ListStore store, PlanLookup plans) {
        this.radios = radios;
        this.store = store;
        this.plans = plans;
    }

    /** What the list is called, and the plan that it goes by. */
    record SnapshotListRequest(
            @NotBlank(message = "must not be blank") @Size(max = 60, message = "must be at most 60 characters")
            String name,

            @NotBlank(message = "must name a band plan, such as r2-north-america")
            String bandPlan) {}

    /** The list, and what of the radio could not be taken into it, in words. */
    record MadeOfSnapshot(ListSummary list, List<String> unread) {}

    @PostMapping("/api/radios/{id}/snapshots/{snapshotId}/list")
    @ResponseStatus(HttpStatus.CREATED)
    MadeOfSnapshot list(
            @PathVariable String id, @PathVariable UUID snapshotId, @Valid @RequestBody SnapshotListRequest request) {
        RadioUnit unit = radios.get(id);
        Snapshot snapshot = radios.snapshot(id, snapshotId);
        RadioList made = RadioList.of(
                request.name().strip(),
                plans.plan(request.bandPlan()),
                unit.definition().limits(),
                new ImageCodec(unit.definition()).decode(snapshot.image()),
                UUID::randomUUID);
        return new MadeOfSnapshot(store.create(made.list()).summary(), made.unread());
    }
}
