package reckonrod.server.find;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.fieldlog.FieldTest;
import reckonrod.core.find.Finder;
import reckonrod.core.find.Found;
import reckonrod.core.find.UsualStation;
import reckonrod.core.geography.Position;
import reckonrod.core.geography.Route;
import reckonrod.core.prove.OwnTests;
import reckonrod.core.reach.Station;
import reckonrod.server.directory.Area;
import reckonrod.server.directory.DirectoryStore;
import reckonrod.server.directory.DirectoryStore.Spot;
import reckonrod.server.directory.EntryFilter;
import reckonrod.server.fieldlog.FieldLog;
import reckonrod.server.places.TerrainTiles;
import reckonrod.server.problem.ProblemException;

/** Searches: the database gives what lies in the box, the core says how far and how well heard each of it is. */
@Service
public class Searching {
    private final DirectoryStore directory;
    private final TerrainTiles terrain;
    private final FieldLog log;
    private final BandPlans plans;
    private final Clock clock;

    Searching(DirectoryStore directory, TerrainTiles terrain, FieldLog log, BandPlans plans, Clock clock) {
        this.plans = plans;
        this.log = log;
        this.directory = directory;
        this.terrain = terrain;
        this.clock = clock;
    }

    /**
     * What a search gave.
     *
     * @param found the ones to show, best first
     * @param total how many there are in all
     */
    public record Result(List<Found> found, long total) {}

    /**
     * What is wanted around a place.
     *
     * @param filter which entries
     * @param finder judges them
     * @param order how they are put in order
     * @param most so many at most, the nearest
     */
    public record Wanted(EntryFilter filter, Finder finder, Comparator<Found> order, int most) {}

    /** Today, where the server stands. */
    public LocalDate today() {
        return LocalDate.now(clock);
    }

    /** A finder for that station. */
    public Finder finder(Station station, BandPlan plan) {
        return new Finder(station, plan, terrain, today());
    }

    /** What lies around a point, the nearest so many, in that order. */
    public Result around(Position here, double radiusMetres, Wanted wanted) {
        return nearest(here, directory.spots(Area.around(here, radiusMetres), wanted.filter), radiusMetres, wanted);
    }

    /** What lies within so many metres of a route, in driving order. */
    public Result along(Route route, double corridorMetres, EntryFilter filter, Finder finder, int most) {
        List<String> near = idsAlong(route, corridorMetres, filter);
        List<Found> found = load(near.stream().limit(most).toList()).stream()
                .map(entry -> finder.along(route, entry))
                .sorted(Found.BY_ROUTE)
                .toList();
        return new Result(found, near.size());
    }

    /** The same, not judged yet; refused if there are more, for what is left out would look like a gap. */
    public List<DirectoryEntry> entriesAlong(Route route, double corridorMetres, EntryFilter filter, int most) {
        List<String> ids = idsAlong(route, corridorMetres, filter);
        if (ids.size() > most) {
            throw ProblemException.refused(
                    "too-many-along",
                    "Too many repeaters along the way",
                    "At most " + most + " repeaters are weighed at a time, " + ids.size()
                            + " lie along this way. Make the corridor narrower, choose bands, or cut the way into days.");
        }
        return load(ids);
    }

    private List<String> idsAlong(Route route, double corridorMetres, EntryFilter filter) {
        record Near(String id, double along) {}
        return directory.spots(Area.aroundAll(route.points(), corridorMetres), filter).stream()
                .flatMap(spot -> {
                    Route.Passing passing = route.nearest(new Position(spot.latitude(), spot.longitude()));
                    return passing.offMetres() <= corridorMetres
                            ? Stream.of(new Near(spot.id(), passing.metres()))
                            : Stream.empty();
                })
                .sorted(Comparator.comparingDouble(Near::along).thenComparing(Near::id))
                .map(Near::id)
                .toList();
    }

    /** What lies in a box, the nearest so many to a point; that point is the middle of the box if none is given. */
    public Result within(Area box, Optional<Position> from, Wanted wanted) {
        Position here = from.orElseGet(box::middle);
        return nearest(here, directory.spots(box, wanted.filter), Double.POSITIVE_INFINITY, wanted);
    }

    private Result nearest(Position here, List<Spot> spots, double mostMetres, Wanted wanted) {
        record Near(String id, double metres) {}
        List<Near> near = spots.stream()
                .map(spot -> new Near(
                        spot.id(),
                        here.to(new Position(spot.latitude(), spot.longitude())).metres()))
                .filter(each -> each.metres <= mostMetres)
                .sorted(Comparator.comparingDouble(Near::metres).thenComparing(Near::id))
                .toList();
        List<Found> found = load(near.stream().limit(wanted.most).map(Near::id).toList()).stream()
                .map(entry -> wanted.finder.from(here, entry))
                .sorted(wanted.order)
                .toList();
        return new Result(found, near.size());
    }

    /** The entries with what one's own tests on the air say of them, which outweighs what their sources say of earlier days. */
    public <K> Map<K, DirectoryEntry> heeding(Map<K, DirectoryEntry> entries) {
        Map<String, List<FieldTest>> tests = log.ofRepeaters(
                entries.values().stream().map(DirectoryEntry::id).distinct().toList());
        if (tests.isEmpty()) {
            return entries;
        }
        BandPlan plan = plans.find(BandPlans.USUAL).orElseThrow();
        OwnTests own = new OwnTests(finder(UsualStation.shipped().get(0).station(), plan), plan, clock.getZone());
        Map<K, DirectoryEntry> heeding = new HashMap<>(entries);
        heeding.replaceAll((key, entry) -> own.heeded(entry, tests.getOrDefault(entry.id(), List.of())));
        return heeding;
    }

    /** What passes a filter anywhere, as seen from a point if there is one. */
    public List<DirectoryEntry> anywhere(EntryFilter filter, int most) {
        Map<String, DirectoryEntry> found = new LinkedHashMap<>();
        directory.anywhere(filter, most).forEach(each -> found.put(each.id(), each));
        Map<String, DirectoryEntry> heeding = heeding(found);
        return found.keySet().stream().map(heeding::get).toList();
    }

    private List<DirectoryEntry> load(List<String> ids) {
        Map<String, DirectoryEntry> entries = heeding(directory.byIds(ids));
        return ids.stream().map(entries::get).filter(Objects::nonNull).toList();
    }
}
