package reckonrod.server.find;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Mode;
import reckonrod.core.directory.State;
import reckonrod.core.find.Finder;
import reckonrod.core.find.Found;
import reckonrod.core.geography.Position;
import reckonrod.core.geography.Route;
import reckonrod.core.reach.Station;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.Tone;
import reckonrod.server.directory.Area;
import reckonrod.server.directory.DirectoryStore;
import reckonrod.server.directory.DirectoryStore.Spot;
import reckonrod.server.directory.EntryFilter;
import reckonrod.server.places.TerrainTiles;
import reckonrod.server.problem.ProblemException;

/** Searches: the database gives what lies in the box, the core says how far and how well heard each of it is. */
@Service
public class Searching {
    private final DirectoryStore directory;
    private final TerrainTiles terrain;
    private final Clock clock;

    Searching(DirectoryStore directory, TerrainTiles terrain, Clock clock) {
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

    /** Today, where the server stands. */
    public LocalDate today() {
        return LocalDate.now(clock);
    }

    /** A finder for that station. */
    public Finder finder(Station station, BandPlan plan) {
        return new Finder(station, plan, terrain, today());
    }

    /** What lies around a point, the nearest so many. */
    public Result around(Position here, double radiusMetres, EntryFilter filter, Finder finder, int most) {
        record Near(String id, double metres) {}
        List<Near> near = directory.spots(Area.around(here, radiusMetres), filter).stream()
                .map(spot -> new Near(spot.id(), metresTo(here, spot)))
                .filter(each -> each.metres <= radiusMetres)
                .sorted(Comparator.comparingDouble(Near::metres).thenComparing(Near::id))
                .toList();
        List<Found> found = load(near.stream().limit(most).map(Near::id).toList()).stream()
                .map(entry -> finder.from(here, entry))
                .sorted(Found.BY_USE)
                .toList();
        return new Result(found, near.size());
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

    /** The same, not judged yet. */
    public List<DirectoryEntry> entriesAlong(Route route, double corridorMetres, EntryFilter filter, int most) {
        return load(idsAlong(route, corridorMetres, filter).stream().limit(most).toList());
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

    /** What passes a filter anywhere, as seen from a point if there is one. */
    public List<DirectoryEntry> anywhere(EntryFilter filter, int most) {
        return directory.anywhere(filter, most);
    }

    private List<DirectoryEntry> load(List<String> ids) {
        Map<String, DirectoryEntry> entries = directory.byIds(ids);
        return ids.stream().map(entries::get).filter(Objects::nonNull).toList();
    }

    private static double metresTo(Position here, Spot spot) {
        return here.to(new Position(spot.latitude(), spot.longitude())).metres();
    }

    /**
     * A filter of what a person chose.
     *
     * @param band the name of a band of the plan; empty for any
     * @param mode a word; empty for any
     * @param state a state in words; {@code usable} for what is not known to be silent; empty for any
     * @param tone a talk tone; empty for any
     */
    public static EntryFilter filter(String band, String mode, String state, String tone, String text, BandPlan plan) {
        return new EntryFilter(
                band.isBlank()
                        ? Optional.empty()
                        : Optional.of(bandOf(band, plan).range()),
                mode.isBlank() ? Set.of() : Set.of(oneOf("mode", mode, Mode.values(), Mode::word)),
                states(state),
                tone.isBlank() ? Optional.empty() : Optional.of(toneOf(tone)),
                text);
    }

    private static Set<State> states(String state) {
        return state.isBlank()
                ? Set.of()
                : state.equals("usable")
                        ? Set.of(State.ON_AIR, State.UNKNOWN)
                        : Set.of(oneOf("state", state, State.values(), State::words));
    }

    private static Band bandOf(String name, BandPlan plan) {
        return plan.bands().stream()
                .filter(band -> band.name().equals(name))
                .findFirst()
                .orElseThrow(() -> ProblemException.refused(
                        "filter-unknown",
                        "Unknown band",
                        "\"" + name + "\" is no band of " + plan.title() + "; there are "
                                + plan.bands().stream().map(Band::name).collect(Collectors.joining(", "))
                                + "."));
    }

    private static <T> T oneOf(String what, String text, T[] values, Function<T, String> words) {
        for (T value : values) {
            if (words.apply(value).toLowerCase(Locale.ROOT).equals(text.toLowerCase(Locale.ROOT))) {
                return value;
            }
        }
        throw ProblemException.refused(
                "filter-unknown",
                "Unknown " + what,
                "\"" + text + "\" is no " + what + "; there are "
                        + Arrays.stream(values).map(words).collect(Collectors.joining(", ")) + ".");
    }

    private static Tone toneOf(String text) {
        try {
            return text.strip().toUpperCase(Locale.ROOT).startsWith("D")
                    ? DcsCode.parse(text.strip().substring(1).toUpperCase(Locale.ROOT))
                    : CtcssTone.parse(text.strip());
        } catch (IllegalArgumentException unreadable) {
            throw ProblemException.refused("filter-unknown", "Unknown tone", unreadable.getMessage() + ".");
        }
    }
}
