package reckonrod.core.listing;

import java.util.List;
import java.util.Optional;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.frequency.Frequency;

/**
 * How the rows of two columns of frequencies fit the repeaters of a band plan.
 *
 * @param fit rows whose first frequency is an output and whose second is its input, and not also the other way round
 * @param reversed rows where it is the other way round only
 * @param different rows whose two frequencies differ
 */
record Pairs(int fit, int reversed, int different) {
    static Pairs of(List<String> first, List<String> second, List<BandPlan> plans) {
        int fit = 0;
        int reversed = 0;
        int different = 0;
        for (int row = 0; row < first.size(); row++) {
            Optional<Frequency> one = frequency(first.get(row));
            Optional<Frequency> other = frequency(second.get(row));
            if (one.isPresent() && other.isPresent() && !one.equals(other)) {
                boolean fits = isPair(one.get(), other.get(), plans);
                boolean turned = isPair(other.get(), one.get(), plans);
                fit += fits && !turned ? 1 : 0;
                reversed += turned && !fits ? 1 : 0;
                different++;
            }
        }
        return new Pairs(fit, reversed, different);
    }

    /** Whether the band plan settles the order of the two: at least half of the rows fit one, and none the other. */
    boolean isClear() {
        return (fit == 0) != (reversed == 0) && 2 * (fit + reversed) >= different;
    }

    private static boolean isPair(Frequency output, Frequency input, List<BandPlan> plans) {
        return plans.stream().anyMatch(plan -> plan.hasRule(output, input));
    }

    static Optional<Frequency> frequency(String cell) {
        try {
            return Optional.of(CellReading.frequency(cell));
        } catch (IllegalArgumentException none) {
            return Optional.empty();
        }
    }
}
