package reckonrod.server.fit;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.fit.Carrying;
import reckonrod.core.fit.FitChange;
import reckonrod.core.fit.FitReason;
import reckonrod.core.fit.FitReport;
import reckonrod.core.fit.Fitter;
import reckonrod.core.fit.Placement;
import reckonrod.core.list.ChannelList;
import reckonrod.core.radio.RadioModel;
import reckonrod.server.arrange.ListView;
import reckonrod.server.arrange.MarkTotals;
import reckonrod.server.definitions.DefinitionLookup;
import reckonrod.server.lists.ListStore;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.radios.PlacesRequest;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;

/** What would become of a list if a radio were another, or carried it otherwise: shown before it is so. */
@RestController
@RequestMapping("/api/radios")
class FitIfController {
    private final RadioUnits units;
    private final ListStore lists;
    private final DefinitionLookup definitions;
    private final PlanLookup plans;
    private final Loading loading;

    FitIfController(
            RadioUnits units, ListStore lists, DefinitionLookup definitions, PlanLookup plans, Loading loading) {
        this.loading = loading;
        this.units = units;
        this.lists = lists;
        this.definitions = definitions;
        this.plans = plans;
    }

    /**
     * What would be otherwise.
     *
     * @param places at which slots lists would go in; left out for as they do
     * @param model the model that it would be; left out for the one that it is
     */
    record FitIfRequest(
            @Schema(nullable = true) @Valid PlacesRequest places,

            @Schema(nullable = true) @Size(max = 60, message = "must have at most 60 characters")
            String model) {}

    /** One side of a change; without a place where it is left out. */
    record SideView(
            ListView.Mark mark, @Schema(nullable = true) Integer place, List<String> why) {
        static SideView of(Placement placement) {
            return new SideView(
                    ListView.Mark.of(placement.mark()),
                    placement.place().isPresent() ? placement.place().getAsInt() : null,
                    placement.reasons().stream().map(FitReason::why).toList());
        }
    }

    /** A channel of which something else would become. */
    record FitChangeView(int slot, String label, SideView now, SideView then) {}

    /** What is, and what would be. */
    record FitIfView(MarkTotals now, MarkTotals then, List<FitChangeView> changes) {}

    @PostMapping("/{id}/fit-if")
    FitIfView fitIf(@PathVariable String id, @RequestParam UUID list, @Valid @RequestBody FitIfRequest request) {
        RadioUnit unit = units.get(id);
        ChannelList channels = lists.get(list).list();
        BandPlan plan = plans.planOf(channels);
        RadioModel model = request.model() == null
                ? unit.definition().model()
                : definitions.get(request.model()).model();
        Carrying carrying = request.places() == null
                ? unit.carrying()
                : request.places().carrying(unit.carrying().overrules());
        FitReport now = loading.fit(unit, channels);
        FitReport then = new Fitter(model, plan, carrying).fit(channels);
        return new FitIfView(
                MarkTotals.of(now),
                MarkTotals.of(then),
                FitChange.between(now, then).stream()
                        .map(each -> new FitChangeView(
                                each.before().slot(),
                                each.before().entry().channel().label(),
                                SideView.of(each.before()),
                                SideView.of(each.after())))
                        .toList());
    }
}
