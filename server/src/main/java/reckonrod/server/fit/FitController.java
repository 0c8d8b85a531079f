package reckonrod.server.fit;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.fit.SettingChecks;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.SlotDifference;
import reckonrod.core.image.WritePlan;
import reckonrod.core.load.Loaders;
import reckonrod.server.lists.ListStore;
import reckonrod.server.lists.StoredList;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;
import reckonrod.server.radios.Snapshot;

/** What fits into a radio, and what a write would change in it. */
@RestController
@RequestMapping("/api/radios")
class FitController {
    private final RadioUnits units;
    private final ListStore lists;
    private final Loading loading;
    private final PlanLookup plans;

    FitController(RadioUnits units, ListStore lists, Loading loading, PlanLookup plans) {
        this.plans = plans;
        this.units = units;
        this.lists = lists;
        this.loading = loading;
    }

    @GetMapping("/{id}/fit")
    FitReportView fit(@PathVariable String id, @RequestParam UUID list) {
        StoredList stored = lists.get(list);
        RadioUnit unit = units.get(id);
        return FitReportView.of(
                id,
                list,
                stored.version(),
                loading.fit(unit, stored.list()),
                SettingChecks.of(units.settings(unit)),
                plans.planOf(stored.list()));
    }

    /**
     * What writing a list does.
     *
     * @param leave the slots that are left as they are, with commas; left out for the usual: what came from no list stays
     */
    @GetMapping("/{id}/difference")
    DifferenceView difference(
            @PathVariable String id, @RequestParam UUID list, @RequestParam(required = false) List<Integer> leave) {
        return plan(id, new PlanRequest(list, leave, null));
    }

    /**
     * What would be written.
     *
     * @param leave the slots that are left as they are; left out for the usual: what came from no list stays
     * @param settings what settings of the radio shall be set to, by their names; those left out stay
     */
    record PlanRequest(
            @NotNull(message = "must be given") UUID listId,
            @Schema(nullable = true) List<Integer> leave,
            @Schema(nullable = true) Map<String, String> settings) {}

    /** What writing a list and settings does; nothing is written. */
    @PostMapping("/{id}/plan")
    DifferenceView plan(@PathVariable String id, @Valid @RequestBody PlanRequest request) {
        RadioUnit unit = units.get(id);
        StoredList stored = lists.get(request.listId());
        Snapshot snapshot = newest(unit);
        WritePlan plan = loading.plan(
                unit,
                snapshot,
                loading.fit(unit, stored.list()),
                Optional.ofNullable(request.leave()).map(Set::copyOf),
                Optional.ofNullable(request.settings()).orElse(Map.of()));
        return DifferenceView.of(
                snapshot, stored, plan, Loaders.estimate(unit.definition(), snapshot.image(), plan.image()));
    }

    /** What putting a snapshot back would change. */
    @GetMapping("/{id}/snapshots/{snapshotId}/difference")
    DifferenceView.RestoreView restoreDifference(@PathVariable String id, @PathVariable UUID snapshotId) {
        RadioUnit unit = units.get(id);
        Snapshot snapshot = units.snapshot(id, snapshotId);
        Snapshot newest = newest(unit);
        return new DifferenceView.RestoreView(
                snapshot.id(),
                snapshot.takenAt(),
                newest.takenAt(),
                SlotDifference.between(new ImageCodec(unit.definition()), newest.image(), snapshot.image()).stream()
                        .map(DifferenceView.SlotChange::of)
                        .toList());
    }

    /** What two snapshots of radios of one model have otherwise. */
    @GetMapping("/{id}/snapshots/{snapshotId}/beside/{otherRadio}/{other}")
    DifferenceView.RestoreView beside(
            @PathVariable String id,
            @PathVariable UUID snapshotId,
            @PathVariable String otherRadio,
            @PathVariable UUID other) {
        RadioUnit unit = units.get(id);
        RadioUnit otherUnit = units.get(otherRadio);
        if (!unit.definition().id().equals(otherUnit.definition().id())) {
            throw ProblemException.refused(
                    "other-model",
                    "Other models",
                    "A " + unit.definition().title() + " and a "
                            + otherUnit.definition().title()
                            + " keep channels otherwise. Make a list of each, and compare those.");
        }
        Snapshot after = units.snapshot(id, snapshotId);
        Snapshot before = units.snapshot(otherRadio, other);
        return new DifferenceView.RestoreView(
                after.id(),
                after.takenAt(),
                before.takenAt(),
                SlotDifference.between(new ImageCodec(unit.definition()), before.image(), after.image()).stream()
                        .map(DifferenceView.SlotChange::of)
                        .toList());
    }

    private Snapshot newest(RadioUnit unit) {
        return units.known(unit.withLink()).orElseThrow(() -> Loading.notRead(unit));
    }
}
