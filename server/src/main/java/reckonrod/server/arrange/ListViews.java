package reckonrod.server.arrange;

import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.check.SlotFindings;
import reckonrod.core.finding.Finding;
import reckonrod.core.fit.FitReport;
import reckonrod.core.judge.FindingCounts;
import reckonrod.core.judge.ListJudgement;
import reckonrod.core.list.Belongs;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.server.arrange.ListView.RowView;
import reckonrod.server.backup.RestoreCheck;
import reckonrod.server.directory.DirectoryLinks;
import reckonrod.server.lists.ListStore;
import reckonrod.server.lists.StoredList;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.plans.PlanView;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;

/** Makes the wire form of a list: what the core says of it, for every radio of the person's. */
@Component
public class ListViews implements RestoreCheck {
    private static final String KNOWN = "Known-List";

    private final ListStore lists;
    private final PlanLookup plans;
    private final RadioUnits radios;
    private final BandPlans shipped;
    private final DirectoryLinks links;
    private final ShownRows shownRows;
    private final WorkedLines lines;
    private final MadeRows made;
    private final HttpServletRequest request;

    ListViews(
            ListStore lists,
            PlanLookup plans,
            RadioUnits radios,
            BandPlans shipped,
            DirectoryLinks links,
            ShownRows shownRows,
            WorkedLines lines,
            MadeRows made,
            HttpServletRequest request) {
        this.lists = lists;
        this.lines = lines;
        this.made = made;
        this.request = request;
        this.shownRows = shownRows;
        this.shipped = shipped;
        this.links = links;
        this.plans = plans;
        this.radios = radios;
    }

    /** A list as it is shown, all of it. */
    ListView whole(StoredList stored) {
        return view(stored, null);
    }

    /** A list after a change: if the request names a view that the person has, only what differs from that. */
    ListView changed(StoredList stored) {
        return view(stored, request.getHeader(KNOWN));
    }

    /** How many findings are open in a list, those of the radios too. */
    public ListView.CountsView counts(StoredList stored) {
        ChannelList list = stored.list();
        BandPlan plan = plans.planOf(list);
        MadeRows.ByPlan maker = made.by(plan);
        List<FitReport> reports =
                radios.all().stream().map(unit -> maker.fit(unit, list)).toList();
        Map<Integer, SlotFindings> findings = ListJudgement.of(list, plan, links.findings(list, plan), lines.by(plan));
        return ListView.CountsView.of(FindingCounts.of(findings.values(), reports));
    }

    /** Counts what there is to say of every list, as the overview of lists does. */
    @Override
    public void readAll() {
        lists.allWhole().forEach(each -> {
            try {
                counts(each);
            } catch (RuntimeException unreadable) {
                throw new IllegalStateException(
                        "the list \"" + each.list().name() + "\": " + unreadable.getMessage(), unreadable);
            }
        });
    }

    private ListView view(StoredList stored, String known) {
        ChannelList list = stored.list();
        BandPlan plan = plans.planOf(list);
        List<RadioUnit> units = radios.all();
        MadeRows.ByPlan maker = made.by(plan);
        Function<ListEntry, List<Finding>> linked = links.findings(list, plan);
        // Every radio by itself, and the list beside them: a list of thousands is worth more than one core.
        CompletableFuture<Map<Integer, SlotFindings>> judged =
                CompletableFuture.supplyAsync(() -> ListJudgement.of(list, plan, linked, lines.by(plan)));
        Map<RadioUnit, FitReport> reports = fitted(units, maker, list);
        Map<Integer, List<MadeRows.Fitted>> fits = fits(reports);
        Map<Integer, SlotFindings> findings = judged.join();
        SortedMap<Integer, RowView> rows = new TreeMap<>();
        list.entries()
                .forEach((slot, entry) -> rows.put(
                        slot,
                        maker.row(
                                slot,
                                entry,
                                findings.getOrDefault(slot, SlotFindings.NONE),
                                fits.getOrDefault(slot, List.of()))));
        ShownRows.Shown shown = shownRows.remember(stored.id(), stored.version(), rows);
        Optional<ShownRows.Shown> before = Optional.ofNullable(known)
                .flatMap(shownRows::shown)
                .filter(each -> each.list().equals(stored.id()));
        ShownRows.Difference differs = before.map(each -> ShownRows.Difference.of(each.rows(), rows))
                .orElseGet(() -> ShownRows.Difference.all(rows));
        return new ListView(
                stored.id(),
                list.name(),
                stored.version(),
                PlanView.of(plan, shipped),
                plan.licence().name(),
                list.slots().first(),
                list.slots().last(),
                BelongsView.names(Belongs.spans(plan)),
                Arrays.stream(DirectoryFlag.values()).map(DirectoryFlag::words).toList(),
                IntentView.of(list.intent()),
                list.blocks().stream().map(ListView.BlockView::of).toList(),
                BanksView.of(list, plan, reports),
                differs.rows(),
                differs.freed(),
                differs.sameFits(),
                shown.mark(),
                before.map(ShownRows.Shown::mark).orElse(null),
                units.stream()
                        .map(unit -> new ListView.RadioName(unit.id(), unit.name()))
                        .toList(),
                ListView.CountsView.of(FindingCounts.of(findings.values(), reports.values())),
                stored.homeId().orElse(null),
                stored.undo().orElse(null),
                stored.redo().orElse(null));
    }

    private static Map<RadioUnit, FitReport> fitted(List<RadioUnit> units, MadeRows.ByPlan maker, ChannelList list) {
        List<FitReport> reports =
                units.parallelStream().map(unit -> maker.fit(unit, list)).toList();
        Map<RadioUnit, FitReport> byUnit = new LinkedHashMap<>();
        for (int i = 0; i < units.size(); i++) {
            byUnit.put(units.get(i), reports.get(i));
        }
        return byUnit;
    }

    private static Map<Integer, List<MadeRows.Fitted>> fits(Map<RadioUnit, FitReport> reports) {
        Map<Integer, List<MadeRows.Fitted>> fits = new HashMap<>();
        reports.forEach((unit, report) -> report.placements()
                .forEach(placement -> fits.computeIfAbsent(placement.slot(), slot -> new ArrayList<>())
                        .add(new MadeRows.Fitted(
                                unit.id(), placement, report.findings().getOrDefault(placement.slot(), List.of())))));
        return fits;
    }
}
