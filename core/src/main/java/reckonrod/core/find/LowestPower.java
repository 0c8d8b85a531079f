package reckonrod.core.find;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Power;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.geography.Position;
import reckonrod.core.reach.Terrain;
import reckonrod.core.reach.Verdict;

/** The lowest power with which a repeater still hears all radios of a person well. */
public final class LowestPower {
    private final List<Levels> radios;
    private final BandPlan plan;
    private final Terrain terrain;

    /**
     * What a radio sends.
     *
     * @param kind what it is used as, such as {@code handheld}
     * @param watts the power of each of its levels, in watts; at least one
     */
    public record Levels(String kind, Map<Power, BigDecimal> watts) {
        /** What is reckoned with where a person has no radio yet: a handheld of 5 W, 1 W on low. */
        public static final Levels USUAL =
                new Levels("handheld", Map.of(Power.HIGH, BigDecimal.valueOf(5), Power.LOW, BigDecimal.ONE));

        public Levels {
            watts = Map.copyOf(watts);
            if (watts.isEmpty()) {
                throw new IllegalArgumentException("A radio must send with some power");
            }
        }

        /** What it sends when it is asked for a level: that of the next higher one that it has, else its highest. */
        public BigDecimal at(Power asked) {
            BigDecimal sent = null;
            for (Power level : Power.values()) {
                if (watts.containsKey(level) && (sent == null || level.compareTo(asked) <= 0)) {
                    sent = watts.get(level);
                }
            }
            return sent;
        }
    }

    /**
     * Judges by those radios; by a usual one if there are none.
     *
     * @param plan supplies the inputs that entries leave out
     * @param terrain the ground, as far as it is known
     */
    public LowestPower(List<Levels> radios, BandPlan plan, Terrain terrain) {
        this.radios = radios.isEmpty() ? List.of(Levels.USUAL) : List.copyOf(radios);
        this.plan = plan;
        this.terrain = terrain;
    }

    /**
     * The lowest level at which the repeater hears every radio in about nine places of ten around a place, by {@link Verdict#LIKELY};
     * high if none does. Absent if nobody knows where the repeater stands.
     */
    public Optional<Power> from(Position here, DirectoryEntry entry) {
        if (entry.site().position().isEmpty()) {
            return Optional.empty();
        }
        Map<String, Double> margins = new HashMap<>();
        radios.forEach(radio -> margins.computeIfAbsent(radio.kind(), kind -> marginAtOneWatt(kind, here, entry)));
        Power[] levels = Power.values();
        for (int i = levels.length - 1; i > 0; i--) {
            Power level = levels[i];
            if (radios.stream().allMatch(radio -> reaches(radio, level, margins.get(radio.kind())))) {
                return Optional.of(level);
            }
        }
        return Optional.of(Power.HIGH);
    }

    /** The ground is walked once: what the watts change of a margin, they change everywhere alike. */
    private double marginAtOneWatt(String kind, Position here, DirectoryEntry entry) {
        Finder finder = new Finder(UsualStation.of(kind, BigDecimal.ONE), plan, terrain, LocalDate.EPOCH);
        return finder.reach(here, entry)
                .map(reach -> reach.heardThere().marginDecibels())
                .orElse(Double.NEGATIVE_INFINITY);
    }

    private static boolean reaches(Levels radio, Power level, double marginAtOneWatt) {
        double margin = marginAtOneWatt + 10 * Math.log10(radio.at(level).doubleValue());
        return margin >= Verdict.LIKELY.leastMarginDecibels();
    }
}
