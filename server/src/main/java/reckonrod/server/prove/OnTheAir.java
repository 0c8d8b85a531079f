package reckonrod.server.prove;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import reckonrod.core.air.Repeater;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.find.Finder;
import reckonrod.core.find.LowestPower;
import reckonrod.core.find.RepeaterPlace;
import reckonrod.core.find.UsualStation;
import reckonrod.core.fit.Placement;
import reckonrod.core.geography.Position;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.prove.OwnRepeaters;
import reckonrod.core.prove.Paths;
import reckonrod.core.radio.RadioModel;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.reach.Station;
import reckonrod.server.directory.Area;
import reckonrod.server.directory.DirectoryStore;
import reckonrod.server.directory.EntryFilter;
import reckonrod.server.find.Searching;
import reckonrod.server.places.TerrainTiles;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.problem.ProblemException;

/** What the directory and the ground say of the channels of a list. */
@Component
class OnTheAir {
    private static final double NEAR_METRES = 150_000;
    private static final int MOST_PLACES_ASKED = 12;

    private final DirectoryStore directory;
    private final Searching searching;
    private final TerrainTiles terrain;
    private final PlanLookup plans;

    OnTheAir(DirectoryStore directory, Searching searching, TerrainTiles terrain, PlanLookup plans) {
        this.directory = directory;
        this.searching = searching;
        this.terrain = terrain;
        this.plans = plans;
    }

    BandPlan plan(ChannelList list) {
        return plans.planOf(list);
    }

    Paths paths() {
        return new Paths(terrain);
    }

    TerrainTiles terrain() {
        return terrain;
    }

    /** A finder for a radio as such radios are used, at the power of a slot. */
    Finder finder(RadioModel radio, Optional<RadioSlot> slot, BandPlan plan) {
        return searching.finder(station(radio, slot), plan);
    }

    Finder usualFinder(BandPlan plan) {
        return searching.finder(UsualStation.shipped().get(0).station(), plan);
    }

    private static Station station(RadioModel radio, Optional<RadioSlot> slot) {
        return slot.map(each ->
                        UsualStation.of(radio.kind().word(), levels(radio).at(each.power())))
                .orElseGet(() -> UsualStation.shipped().get(0).station());
    }

    static LowestPower.Levels levels(RadioModel radio) {
        return new LowestPower.Levels(radio.kind().word(), radio.limits().watts());
    }

    /** The directory entry of each channel that has one, by the id of the channel. */
    Map<UUID, DirectoryEntry> entries(ChannelList list, Collection<ListEntry> channels, List<Position> places) {
        BandPlan plan = plans.planOf(list);
        Set<String> ids = new HashSet<>();
        channels.forEach(each -> ids.add(each.directoryId()));
        Map<String, DirectoryEntry> taken = directory.byIds(ids);
        boolean others = channels.stream().anyMatch(each -> !taken.containsKey(each.directoryId()));
        Set<String> near = new HashSet<>();
        if (others) {
            // Along a long way a few places are enough to find what stands around it.
            int step = Math.max(1, places.size() / MOST_PLACES_ASKED);
            for (int i = 0; i < places.size(); i += step) {
                directory
                        .spots(Area.around(places.get(i), NEAR_METRES), EntryFilter.ALL)
                        .forEach(spot -> near.add(spot.id()));
            }
        }
        OwnRepeaters own = new OwnRepeaters(
                taken.values(),
                near.isEmpty() ? List.of() : directory.byIds(near).values(),
                usualFinder(plan));
        return searching.heeding(places.isEmpty() ? known(channels, taken) : own.of(channels, places.get(0)));
    }

    private static Map<UUID, DirectoryEntry> known(Collection<ListEntry> channels, Map<String, DirectoryEntry> taken) {
        Map<UUID, DirectoryEntry> known = new HashMap<>();
        channels.forEach(each ->
                Optional.ofNullable(taken.get(each.directoryId())).ifPresent(entry -> known.put(each.id(), entry)));
        return known;
    }

    /** The same as repeaters on the air, just as the directory has them. */
    static Map<UUID, Repeater> repeaters(Map<UUID, DirectoryEntry> entries, Finder finder) {
        Map<UUID, Repeater> repeaters = new HashMap<>();
        entries.forEach((channel, entry) -> repeaters.put(channel, repeater(entry, finder)));
        return repeaters;
    }

    static Repeater repeater(DirectoryEntry entry, Finder finder) {
        return Repeater.of(entry, finder.input(entry), RepeaterPlace.of(entry).map(RepeaterPlace::place));
    }

    /** A channel of a list. */
    static ListEntry channel(ChannelList list, UUID id) {
        return list.entries().values().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow(() -> ProblemException.notFound(
                        "This channel is not in \"" + list.name() + "\" any more. Choose it again."));
    }

    static Optional<Placement> placement(List<Placement> placements, UUID channel) {
        return placements.stream()
                .filter(each -> each.entry().id().equals(channel))
                .findFirst();
    }
}
