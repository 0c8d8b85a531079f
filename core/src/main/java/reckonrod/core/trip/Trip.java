package reckonrod.core.trip;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import reckonrod.core.directory.DirectoryEntry;

/**
 * What to use along a way.
 *
 * @param metres the length of the way
 * @param bands the plan for each band, or one for all of them together
 * @param leftOut how many candidates could not be used
 */
public record Trip(double metres, List<BandTrip> bands, int leftOut) {
    public Trip {
        bands = List.copyOf(bands);
    }

    /**
     * The plan for one band.
     *
     * @param band its name; {@code any band} where bands were not told apart
     * @param legs who to use, in driving order
     * @param gaps where nobody is heard, in driving order
     * @param considered how many repeaters were weighed
     */
    public record BandTrip(String band, List<Leg> legs, List<Gap> gaps, int considered) {
        public BandTrip {
            legs = List.copyOf(legs);
            gaps = List.copyOf(gaps);
        }

        /** How often one changes the channel on the way. */
        public int changes() {
            return Math.max(0, legs.size() - 1);
        }

        /** The length of all gaps, in metres. */
        public double gapMetres() {
            return gaps.stream()
                    .mapToDouble(gap -> gap.toMetres() - gap.fromMetres())
                    .sum();
        }
    }

    /**
     * A stretch with one repeater.
     *
     * @param entry the repeater
     * @param fromMetres where to change to it
     * @param toMetres where it ends
     * @param leastMarginDecibels the smallest margin on the stretch, breaks left out
     * @param weakMetres how much of it are breaks that were put up with
     * @param heardFromMetres where it is first heard, perhaps before the change
     * @param heardToMetres up to where it is heard
     */
    public record Leg(
            DirectoryEntry entry,
            double fromMetres,
            double toMetres,
            double leastMarginDecibels,
            double weakMetres,
            double heardFromMetres,
            double heardToMetres) {}

    /** A stretch where nobody is heard. */
    public record Gap(double fromMetres, double toMetres) {}

    /** Every repeater used, each once, in driving order. */
    public List<DirectoryEntry> repeaters() {
        Set<DirectoryEntry> used = new LinkedHashSet<>();
        bands.forEach(band -> band.legs().forEach(leg -> used.add(leg.entry())));
        return List.copyOf(used);
    }
}
