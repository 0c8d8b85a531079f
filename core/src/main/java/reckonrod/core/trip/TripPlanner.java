package reckonrod.core.trip;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Trust;
import reckonrod.core.find.Finder;
import reckonrod.core.find.RepeaterPlace;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.geography.Route;
import reckonrod.core.reach.Reach;
import reckonrod.core.reach.Terrain;

/** Plans trips for one person's station. */
public final class TripPlanner {
    /** Milestones are so many metres apart, or more where the way is long. */
    public static final double STONE_METRES = 1_000;

    private static final int MOST_STONES = 1_000;
    private static final String ANY_BAND = "any band";

    // What the round earth alone forbids by so much, no ground makes good.
    private static final double HOPELESS_DECIBELS = -30;

    private final BandPlan plan;
    private final Terrain terrain;
    private final Finder finder;

    /**
     * A planner.
     *
     * @param finder knows where repeaters listen, and which can be trusted
     */
    public TripPlanner(BandPlan plan, Terrain terrain, Finder finder) {
        this.plan = plan;
        this.terrain = terrain;
        this.finder = finder;
    }

    /**
     * What counts as heard.
     *
     * @param neededDecibels the margin below which a repeater is not, −20 to 40 dB
     * @param bridgedMetres breaks of at most so many metres are put up with rather than changing for them, 0 to 50 000
     * @param closedToo whether repeaters for members may be used
     */
    public record Wish(double neededDecibels, double bridgedMetres, boolean closedToo) {
        public Wish {
            if (!(neededDecibels >= -20 && neededDecibels <= 40)) {
                throw new IllegalArgumentException("Needed margin must be -20 to 40 dB, was " + neededDecibels);
            }
            if (!(bridgedMetres >= 0 && bridgedMetres <= 50_000)) {
                throw new IllegalArgumentException("Breaks must be 0 to 50 km long, was " + bridgedMetres / 1000);
            }
        }
    }

    /**
     * Plans a trip. Left out are candidates without a position, those that look dead or pass on digital voice, and closed ones
     * unless they are wished for.
     *
     * @param perBand whether each band is to cover the way by itself
     * @param wish what counts as heard
     */
    public Trip plan(Route route, List<DirectoryEntry> candidates, boolean perBand, Wish wish) {
        List<Route.Milestone> stones = route.milestones(Math.max(STONE_METRES, route.metres() / MOST_STONES));
        Map<String, List<DirectoryEntry>> groups = new LinkedHashMap<>();
        if (!perBand) {
            groups.put(ANY_BAND, new ArrayList<>());
        }
        int leftOut = 0;
        for (DirectoryEntry entry : candidates) {
            if (mayBeUsed(entry, wish)) {
                groups.computeIfAbsent(perBand ? bandOf(entry) : ANY_BAND, band -> new ArrayList<>())
                        .add(entry);
            } else {
                leftOut++;
            }
        }
        List<Trip.BandTrip> bands = new ArrayList<>();
        groups.forEach((band, entries) -> bands.add(band(band, entries, stones, wish)));
        bands.removeIf(band -> perBand && band.legs().isEmpty());
        return new Trip(route.metres(), bands, leftOut);
    }

    private boolean mayBeUsed(DirectoryEntry entry, Wish wish) {
        Trust trust = finder.trust(entry);
        return entry.site().position().isPresent() && trust.isOfUse() && (wish.closedToo || !trust.isClosed());
    }

    private String bandOf(DirectoryEntry entry) {
        return plan.bandAt(entry.signal().output()).map(Band::name).orElse("outside the plan");
    }

    private Trip.BandTrip band(String band, List<DirectoryEntry> entries, List<Route.Milestone> stones, Wish wish) {
        List<Coverage> coverages = entries.parallelStream()
                .map(entry -> coverage(entry, stones, wish))
                .toList();
        List<Trip.Leg> legs = new ArrayList<>();
        List<Trip.Gap> gaps = new ArrayList<>();
        double reached = 0;
        for (Cover.Stretch stretch : Cover.of(coverages, stones.size())) {
            Coverage coverage = coverages.get(stretch.candidate());
            double from = stretch.first() == 0 ? 0 : between(stones, stretch.first());
            double to = stretch.last() == stones.size() - 1
                    ? stones.get(stretch.last()).metres()
                    : between(stones, stretch.last() + 1);
            addGap(gaps, reached, from);
            reached = to;
            legs.add(new Trip.Leg(
                    entries.get(stretch.candidate()),
                    from,
                    to,
                    coverage.least(stretch.first(), stretch.last()),
                    coverage.weak(stretch.first(), stretch.last()) * spacing(stones),
                    stones.get(coverage.runStart(stretch.first())).metres(),
                    stones.get(coverage.runEnd(stretch.last())).metres()));
        }
        addGap(gaps, reached, stones.get(stones.size() - 1).metres());
        return new Trip.BandTrip(band, legs, gaps, entries.size());
    }

    private static double spacing(List<Route.Milestone> stones) {
        return stones.get(1).metres();
    }

    private static void addGap(List<Trip.Gap> gaps, double from, double to) {
        if (to > from) {
            gaps.add(new Trip.Gap(from, to));
        }
    }

    // A stretch ends halfway to the milestone that is no longer its own.
    private static double between(List<Route.Milestone> stones, int stone) {
        return (stones.get(stone - 1).metres() + stones.get(stone).metres()) / 2;
    }

    private Coverage coverage(DirectoryEntry entry, List<Route.Milestone> stones, Wish wish) {
        int bridged = (int) Math.floor(wish.bridgedMetres / spacing(stones));
        double[] margins = new double[stones.size()];
        Arrays.fill(margins, Double.NEGATIVE_INFINITY);
        Optional<RepeaterPlace> there = RepeaterPlace.of(entry);
        if (there.isEmpty()) {
            return new Coverage(margins, wish.neededDecibels, bridged);
        }
        Frequency output = entry.signal().output();
        Frequency input = finder.input(entry);
        Reach.Place repeater = there.get().place();
        for (int i = 0; i < margins.length; i++) {
            Reach.Place here = finder.placeAt(stones.get(i).position());
            if (Reach.overSeaDecibels(here, repeater, output, input, terrain) > HOPELESS_DECIBELS) {
                margins[i] =
                        Reach.between(here, repeater, output, input, terrain).marginDecibels();
            }
        }
        return new Coverage(margins, wish.neededDecibels, bridged);
    }
}
