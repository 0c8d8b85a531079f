package reckonrod.server.fit;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.image.SlotDifference;
import reckonrod.core.link.WriteEstimate;
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
        return FitReportView.of(
                id, list, stored.version(), loading.fit(units.get(id), stored.list()), plans.planOf(stored.list()));
    }

    @GetMapping("/{id}/difference")
    DifferenceView difference(@PathVariable String id, @RequestParam UUID list) {
        RadioUnit unit = units.get(id);
        StoredList stored = lists.get(list);
        Snapshot snapshot = units.newestSnapshot(id)
                .orElseThrow(() -> ProblemException.refused(
                        "not-read-yet",
                        "Not read yet",
                        unit.name()
                                + " was not read yet. Read it first; nothing is written before a snapshot exists."));
        MemoryImage after = loading.image(unit, snapshot, stored.list());
        WriteEstimate estimate = WriteEstimate.of(unit.definition(), snapshot.image(), after);
        return new DifferenceView(
                snapshot.id(),
                snapshot.takenAt(),
                list,
                stored.version(),
                estimate.blocks(),
                estimate.bytes(),
                estimate.seconds(),
                SlotDifference.between(new ImageCodec(unit.definition()), snapshot.image(), after).stream()
                        .map(DifferenceView.SlotChange::of)
                        .toList());
    }
}
