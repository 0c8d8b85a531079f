package reckonrod.server.fit;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.image.WritePlan;
import reckonrod.server.arrange.ListView;
import reckonrod.server.arrange.ListViews;
import reckonrod.server.lists.ListStore;
import reckonrod.server.lists.StoredList;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;
import reckonrod.server.radios.Snapshot;

/** How each list stands: what it is for, its findings, and whether the radios that hold it are up to date. */
@RestController
class OverviewController {
    private final ListStore lists;
    private final ListViews views;
    private final RadioUnits radios;
    private final Loading loading;

    OverviewController(ListStore lists, ListViews views, RadioUnits radios, Loading loading) {
        this.lists = lists;
        this.views = views;
        this.radios = radios;
        this.loading = loading;
    }

    /**
     * A radio that was written with the list.
     *
     * @param since when
     * @param behind how many slots a write would change now, against what the radio was last seen to hold
     */
    record HoldingView(String radioId, String radio, Instant since, int behind) {}

    /** How a list stands. */
    record OverviewView(UUID id, String purpose, ListView.CountsView counts, List<HoldingView> radios) {}

    @GetMapping("/api/lists/overview")
    List<OverviewView> overview() {
        List<RadioUnit> units = radios.all();
        return lists.allWhole().stream()
                .map(stored -> new OverviewView(
                        stored.id(),
                        stored.list().intent().purpose(),
                        views.counts(stored),
                        units.stream()
                                .flatMap(unit -> holding(unit, stored).stream())
                                .toList()))
                .toList();
    }

    private Optional<HoldingView> holding(RadioUnit unit, StoredList stored) {
        Optional<Snapshot> snapshot = radios.newestSnapshot(unit.id());
        return unit.loaded()
                .filter(loaded -> loaded.listId()
                        .map(id -> id.equals(stored.id()))
                        .orElseGet(() -> loaded.listName().equals(stored.list().name())))
                .filter(loaded -> snapshot.isPresent())
                .map(loaded ->
                        new HoldingView(unit.id(), unit.name(), loaded.since(), behind(unit, snapshot.get(), stored)));
    }

    private int behind(RadioUnit unit, Snapshot snapshot, StoredList stored) {
        WritePlan plan =
                loading.plan(unit, snapshot, loading.fit(unit, stored.list()), Optional.empty(), java.util.Map.of());
        return (int) plan.slots().stream().filter(each -> !each.left()).count();
    }
}
