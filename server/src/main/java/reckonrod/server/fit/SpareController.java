package reckonrod.server.fit;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.find.Finder;
import reckonrod.core.find.UsualStation;
import reckonrod.core.fit.Spare;
import reckonrod.core.list.ChannelList;
import reckonrod.server.directory.DirectoryStore;
import reckonrod.server.find.Searching;
import reckonrod.server.lists.ListStore;
import reckonrod.server.places.PlaceFinder;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.radios.RadioUnits;
import reckonrod.server.reckon.FindingView;

/** What a radio with too few slots can do without. */
@RestController
@RequestMapping("/api/radios")
class SpareController {
    private final RadioUnits units;
    private final ListStore lists;
    private final Loading loading;
    private final PlanLookup plans;
    private final DirectoryStore directory;
    private final Searching searching;
    private final PlaceFinder places;

    SpareController(
            RadioUnits units,
            ListStore lists,
            Loading loading,
            PlanLookup plans,
            DirectoryStore directory,
            Searching searching,
            PlaceFinder places) {
        this.units = units;
        this.lists = lists;
        this.loading = loading;
        this.plans = plans;
        this.directory = directory;
        this.searching = searching;
        this.places = places;
    }

    /** A channel that can be done without, and why; nothing is lost where another one covers it. */
    record SpareView(UUID channelId, int slot, String label, boolean covered, FindingView why) {}

    /**
     * What can be done without, those first that lose least.
     *
     * @param from where the radio is used: a name, coordinates or a locator; left out, reach has no say
     */
    @GetMapping("/{id}/spare")
    List<SpareView> spare(
            @PathVariable String id, @RequestParam UUID list, @RequestParam(defaultValue = "") String from) {
        ChannelList channels = lists.get(list).list();
        BandPlan plan = plans.planOf(channels);
        Optional<PlaceFinder.Place> here =
                Optional.of(from).filter(text -> !text.isBlank()).map(places::one);
        return Spare.of(
                        loading.fit(units.get(id), channels),
                        here.map(PlaceFinder.Place::name).orElse(""),
                        outlooks(channels, plan, here))
                .stream()
                .map(each -> new SpareView(
                        each.placement().entry().id(),
                        each.placement().slot(),
                        each.placement().entry().channel().label(),
                        each.isCovered(),
                        FindingView.of(each.why(), plan)))
                .toList();
    }

    private Map<UUID, Spare.Outlook> outlooks(ChannelList list, BandPlan plan, Optional<PlaceFinder.Place> here) {
        Map<UUID, String> origins = new HashMap<>();
        list.entries()
                .values()
                .forEach(each -> each.origin().ifPresent(origin -> origins.put(each.id(), origin.directoryId())));
        Map<String, DirectoryEntry> entries = directory.byIds(origins.values());
        Finder finder = searching.finder(UsualStation.shipped().get(0).station(), plan);
        Map<UUID, Spare.Outlook> outlooks = new HashMap<>();
        origins.forEach((channel, entry) -> Optional.ofNullable(entries.get(entry))
                .ifPresent(known ->
                        outlooks.put(channel, Spare.Outlook.of(known, finder, here.map(PlaceFinder.Place::position)))));
        return outlooks;
    }
}
