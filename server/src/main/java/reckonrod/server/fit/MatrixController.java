package reckonrod.server.fit;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.fit.FitReport;
import reckonrod.core.fit.Needs;
import reckonrod.core.fit.Placement;
import reckonrod.core.fit.Together;
import reckonrod.core.list.ChannelList;
import reckonrod.server.arrange.ListView;
import reckonrod.server.lists.ListStore;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;
import reckonrod.server.reckon.FindingView;

/** One list in all radios at once. */
@RestController
@RequestMapping("/api/lists/{id}")
class MatrixController {
    private final ListStore lists;
    private final RadioUnits radios;
    private final Loading loading;
    private final PlanLookup plans;

    MatrixController(ListStore lists, RadioUnits radios, Loading loading, PlanLookup plans) {
        this.lists = lists;
        this.radios = radios;
        this.loading = loading;
        this.plans = plans;
    }

    /**
     * Why a channel is not exact, with what would mend it in the list.
     *
     * @param byPolicy whether a rule of the whole list would mend it too
     * @param finding the same as a finding; its fixes change the channel for all radios
     */
    record MendableReason(String field, String before, String after, boolean byPolicy, FindingView finding) {}

    /**
     * What one radio makes of a channel.
     *
     * @param place its slot in the radio; nothing when it is left out
     */
    record ChannelFit(
            String radioId,
            String radio,
            ListView.Mark mark,
            @Schema(nullable = true) Integer place,
            List<MendableReason> reasons,
            List<FindingView> findings) {}

    /** What a radio must be able to do, in words. */
    record NeedView(String name, String words) {}

    /** A channel that two radios have and yet do not get on with. */
    record HinderedView(String channel, String why) {}

    /** Whether the people with two radios can talk to each other. */
    record PairView(
            String first,
            String second,
            int both,
            List<String> onlyFirst,
            List<String> onlySecond,
            List<HinderedView> hindered) {}

    @GetMapping("/channels/{channel}/fits")
    List<ChannelFit> fits(@PathVariable UUID id, @PathVariable UUID channel) {
        ChannelList list = lists.get(id).list();
        BandPlan plan = plans.planOf(list);
        if (list.entries().values().stream().noneMatch(each -> each.id().equals(channel))) {
            throw ProblemException.notFound("There is no channel " + channel + " in " + list.name() + ".");
        }
        List<ChannelFit> fits = new ArrayList<>();
        for (RadioUnit unit : radios.all()) {
            FitReport report = loading.fit(unit, list);
            report.placements().stream()
                    .filter(each -> each.entry().id().equals(channel))
                    .forEach(each -> fits.add(fit(unit, report, each, plan)));
        }
        return fits;
    }

    private static ChannelFit fit(RadioUnit unit, FitReport report, Placement placement, BandPlan plan) {
        return new ChannelFit(
                unit.id(),
                unit.name(),
                ListView.Mark.of(placement.mark()),
                placement.place().isPresent() ? placement.place().getAsInt() : null,
                placement.reasons().stream()
                        .map(each -> new MendableReason(
                                each.field()
                                        .name()
                                        .toLowerCase(java.util.Locale.ROOT)
                                        .replace('_', ' '),
                                each.before(),
                                each.after(),
                                each.isMendedByPolicy(),
                                FindingView.of(each.finding(), plan)))
                        .toList(),
                report.findings().getOrDefault(placement.slot(), List.of()).stream()
                        .map(each -> FindingView.of(each, plan))
                        .toList());
    }

    @GetMapping("/needs")
    List<NeedView> needs(@PathVariable UUID id) {
        ChannelList list = lists.get(id).list();
        return Needs.of(list, plans.planOf(list)).stream()
                .map(each -> new NeedView(each.name(), each.words()))
                .toList();
    }

    /** Every pair of radios, those that get on worst first. */
    @GetMapping("/together")
    List<PairView> together(@PathVariable UUID id) {
        ChannelList list = lists.get(id).list();
        List<RadioUnit> units = radios.all();
        List<FitReport> reports =
                units.stream().map(unit -> loading.fit(unit, list)).toList();
        List<PairView> pairs = new ArrayList<>();
        for (int a = 0; a < units.size(); a++) {
            for (int b = a + 1; b < units.size(); b++) {
                Together pair = Together.of(reports.get(a), reports.get(b));
                pairs.add(new PairView(
                        units.get(a).name(),
                        units.get(b).name(),
                        pair.both().size(),
                        pair.onlyFirst(),
                        pair.onlySecond(),
                        pair.hindered().stream()
                                .map(each -> new HinderedView(each.channel(), each.why()))
                                .toList()));
            }
        }
        pairs.sort(java.util.Comparator.comparingInt(PairView::both));
        return pairs;
    }
}
