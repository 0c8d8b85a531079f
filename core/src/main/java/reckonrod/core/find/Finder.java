package reckonrod.core.find;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.PlannedShift;
import reckonrod.core.directory.Trust;
import reckonrod.core.finding.Severity;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.geography.Position;
import reckonrod.core.geography.Route;
import reckonrod.core.reach.Reach;
import reckonrod.core.reach.Station;
import reckonrod.core.reach.Terrain;
import reckonrod.core.reach.Verdict;

/** Judges entries for one person's station on one day. */
public final class Finder {
    // Sources publish positions to a minute of arc, or those of the nearest town.
    private static final double SAME_PLACE_METRES = 5_000;

    private final Station station;
    private final BandPlan plan;
    private final Terrain terrain;
    private final LocalDate today;

    /**
     * A finder.
     *
     * @param station the person's antenna, power and receiver
     * @param plan supplies the inputs that entries leave out
     * @param terrain the ground, as far as it is known
     * @param today the day the age of the entries is judged on
     */
    public Finder(Station station, BandPlan plan, Terrain terrain, LocalDate today) {
        this.station = station;
        this.plan = plan;
        this.terrain = terrain;
        this.today = today;
    }

    /** An entry as seen from a point. */
    public Found from(Position here, DirectoryEntry entry) {
        return new Found(entry, here, reach(here, entry), trust(entry), Optional.empty());
    }

    /** An entry as seen from where a route comes nearest to it. */
    public Found along(Route route, DirectoryEntry entry) {
        Optional<Route.Passing> passing = entry.site().position().map(route::nearest);
        Position here = route.at(passing.map(Route.Passing::metres).orElse(0.0));
        return new Found(entry, here, reach(here, entry), trust(entry), passing);
    }

    /** How far an entry can be trusted. */
    public Trust trust(DirectoryEntry entry) {
        return Trust.in(entry, today);
    }

    /** The person, standing there. */
    public Reach.Place placeAt(Position here) {
        return new Reach.Place(here, station, terrain.metresAt(here));
    }

    /** Whether the two hear each other; absent if the entry has no position. */
    public Optional<Reach> reach(Position here, DirectoryEntry entry) {
        return RepeaterPlace.of(entry)
                .map(there -> Reach.between(
                        placeAt(here), there.place(), entry.signal().output(), input(entry), terrain));
    }

    /** Where a repeater listens: as published, else by the plan as a channel is that is taken from it, else where it talks. */
    public Frequency input(DirectoryEntry entry) {
        Frequency output = entry.signal().output();
        return entry.signal()
                .input()
                .frequency(output)
                .or(() -> PlannedShift.of(entry.signal(), plan).map(output::plus))
                .orElse(output);
    }

    /**
     * What to try instead of an entry that is in doubt: one of the same band that can be used the same way, is better
     * confirmed, and is heard at least here and there; the best heard of these.
     *
     * @param among everything that was found around it
     */
    public Optional<Found> insteadOf(Found doubtful, List<Found> among) {
        boolean inDoubt = doubtful.trust().findings().stream()
                .anyMatch(each -> each.kind().severity() == Severity.DOUBT);
        if (!inDoubt) {
            return Optional.empty();
        }
        return among.stream()
                .filter(other -> !other.entry().id().equals(doubtful.entry().id()))
                .filter(other -> other.trust().isOfUse())
                .filter(other -> !other.trust().isClosed() || doubtful.trust().isClosed())
                .filter(other -> other.trust().age().compareTo(doubtful.trust().age()) < 0
                        || doubtful.trust().isDigital()
                        || doubtful.looksDead())
                .filter(other -> band(other).equals(band(doubtful)))
                .filter(other -> other.reach()
                        .filter(reach -> reach.verdict() != Verdict.UNLIKELY)
                        .isPresent())
                .max(Comparator.comparingDouble(
                        other -> other.reach().map(Reach::marginDecibels).orElse(Double.NEGATIVE_INFINITY)));
    }

    /**
     * The same repeater in another source that confirmed it later: the same output, the same input and the same place but for what
     * sources differ in.
     *
     * @param among everything that was found around it
     */
    public Optional<Found> sameElsewhere(Found found, List<Found> among) {
        return among.stream()
                .filter(other -> !other.entry().source().equals(found.entry().source()))
                .filter(other -> other.entry()
                        .signal()
                        .output()
                        .equals(found.entry().signal().output()))
                .filter(other -> input(other.entry()).equals(input(found.entry())))
                .filter(other -> areNear(other.entry(), found.entry()))
                .filter(other -> confirmed(other).isAfter(confirmed(found)))
                .max(Comparator.comparing(Finder::confirmed));
    }

    private static boolean areNear(DirectoryEntry one, DirectoryEntry other) {
        return one.site()
                .position()
                .flatMap(here ->
                        other.site().position().map(there -> here.to(there).metres() <= SAME_PLACE_METRES))
                .orElse(false);
    }

    private static LocalDate confirmed(Found found) {
        return found.entry().standing().confirmedOn().orElse(LocalDate.MIN);
    }

    // Outside the plan's bands, what lies within the same tenth of the spectrum is as good as a band.
    private String band(Found found) {
        Frequency output = found.entry().signal().output();
        return plan.bandAt(output)
                .map(Band::name)
                .orElseGet(() -> "around " + Math.round(10 * Math.log10((double) output.hertz())));
    }
}
