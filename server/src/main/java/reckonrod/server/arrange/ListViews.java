package reckonrod.server.arrange;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.check.Checks;
import reckonrod.core.finding.Finding;
import reckonrod.core.fit.Fitter;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.server.lists.StoredList;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;
import reckonrod.server.reckon.PlanLookup;

/** Makes the wire form of a list: what the core says of it, for every radio of the person's. */
@Component
class ListViews {
    private final PlanLookup plans;
    private final RadioUnits radios;

    ListViews(PlanLookup plans, RadioUnits radios) {
        this.plans = plans;
        this.radios = radios;
    }

    ListView view(StoredList stored) {
        ChannelList list = stored.list();
        BandPlan plan = plans.plan(list.bandPlanId());
        List<RadioUnit> units = radios.all();
        Map<Integer, List<Finding>> findings = Checks.list(list, plan);
        List<ListView.RowView> rows = new ArrayList<>();
        list.entries()
                .forEach((slot, entry) -> rows.add(ListView.RowView.of(
                        slot, entry, plan, findings.getOrDefault(slot, List.of()), fits(units, slot, entry))));
        return new ListView(
                stored.id(),
                list.name(),
                stored.version(),
                ListView.PlanView.of(plan),
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
                stored.undo().orElse(null),
                stored.redo().orElse(null));
    }

    private static List<ListView.RowFit> fits(List<RadioUnit> units, int slot, ListEntry entry) {
        return units.stream()
                .map(unit -> ListView.RowFit.of(unit.id(), new Fitter(unit.definition()).fit(slot, entry)))
                .toList();
    }
}
