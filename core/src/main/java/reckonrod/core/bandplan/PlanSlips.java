package reckonrod.core.bandplan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** What a plan can be read with, and what would yet have channels worked out wrong or not at all. */
final class PlanSlips {
    private PlanSlips() {}

    static List<String> of(BandPlan plan) {
        List<String> slips = new ArrayList<>();
        Set<String> names = new HashSet<>();
        for (Band band : plan.bands()) {
            if (band.name().isBlank()) {
                slips.add("the band at " + band.range().toWords() + " needs a name");
            } else if (!names.add(band.name())) {
                slips.add("two bands are called " + band.name() + "; a name must tell one");
            }
            band.shiftRules().stream()
                    .filter(rule -> rule.shift().hertz() == 0)
                    .forEach(rule -> slips.add("the shift of " + band.name() + " at " + rule.outputs()
                            + " must not be 0; without a rule a frequency has no shift"));
            band.calling().stream()
                    .filter(calling -> !band.range().contains(calling))
                    .forEach(calling -> slips.add("the calling frequency " + calling + " must lie inside the band "
                            + band.name() + ", " + band.range()));
        }
        return slips;
    }
}
