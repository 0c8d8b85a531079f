package reckonrod.server.arrange;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.check.SlotFindings;
import reckonrod.core.fit.FitReport;
import reckonrod.core.fit.Fitter;
import reckonrod.core.list.ChannelList;
import reckonrod.core.notation.ListJudgement;
import reckonrod.server.directory.DirectoryLinks;
import reckonrod.server.lists.StoredList;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.plans.PlanView;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;

/** Makes the wire form of a list: what the core says of it, for every radio of the person's. */
@Component
class ListViews {
    private final PlanLookup plans;
    private final RadioUnits radios;
    private final BandPlans shipped;
    private final DirectoryLinks links;

    ListViews(PlanLookup plans, RadioUnits radios, BandPlans shipped, DirectoryLinks links) {
        this.shipped = shipped;
        this.links = links;
        this.plans = plans;
        this.radios = radios;
    }

    ListView view(StoredList stored) {
        ChannelList list = stored.list();
        BandPlan plan = plans.planOf(list);
        List<RadioUnit> units = radios.all();
        Map<Integer, List<ListView.RowFit>> fits = fits(units, list, plan);
        Map<Integer, SlotFindings> findings = ListJudgement.of(list, plan, links.findings(list, plan));
        List<ListView.RowView> rows = new ArrayList<>();
        list.entries()
                .forEach((slot, entry) -> rows.add(ListView.RowView.of(
                        slot,
                        entry,
                        plan,
                        findings.getOrDefault(slot, SlotFindings.NONE),
                        fits.getOrDefault(slot, List.of()))));
        return new ListView(
                stored.id(),
                list.name(),
                stored.version(),
                PlanView.of(plan, shipped),
                plan.licence().name(),
                list.slots().first(),
                list.slots().last(),
                list.blocks().stream()
                        .map(block -> new ListView.BlockView(
                                block.name(),
                                block.slots().first(),
                                block.slots().last()))
                        .toList(),
                rows,
                units.stream()
                        .map(unit -> new ListView.RadioName(unit.id(), unit.name()))
                        .toList(),
                stored.homeId().orElse(null),
                stored.undo().orElse(null),
                stored.redo().orElse(null));
    }

    private static Map<Integer, List<ListView.RowFit>> fits(List<RadioUnit> units, ChannelList list, BandPlan plan) {
        Map<Integer, List<ListView.RowFit>> fits = new HashMap<>();
        for (RadioUnit unit : units) {
            FitReport report = new Fitter(unit.definition(), plan).fit(list);
            report.placements()
                    .forEach(placement -> fits.computeIfAbsent(placement.slot(), slot -> new ArrayList<>())
                            .add(ListView.RowFit.of(unit.id(), placement, report, plan)));
        }
        return fits;
    }
}
