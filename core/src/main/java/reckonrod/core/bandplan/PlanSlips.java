package reckonrod.core.bandplan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import reckonrod.core.frequency.Frequency;

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
        Map<String, Frequency> named = new HashMap<>();
        plan.channelNames().rows().forEach(row -> ofNames(row, plan, named, slips));
        return slips;
    }

    private static void ofNames(ChannelName row, BandPlan plan, Map<String, Frequency> named, List<String> slips) {
        String prefix = row.prefix().toUpperCase(Locale.ROOT);
        if (!prefix.matches("[A-Z]{0,4}")) {
            slips.add("the letters of a channel name are A to Z, four at most, were \"" + prefix + "\"");
        }
        if (row.use() != SegmentUse.REPEATER_OUTPUT && row.use() != SegmentUse.SIMPLEX) {
            slips.add("channels with names are repeater outputs or simplex, " + prefix + row.first() + " was "
                    + row.use().words());
        }
        for (int number = row.first(); number <= row.last(); number += row.every()) {
            String name = prefix + number;
            Frequency frequency = row.frequency(number);
            if (plan.bandAt(frequency).isEmpty()) {
                slips.add(name + " would be " + frequency + ", which lies in no band of the plan");
                return;
            }
            Frequency other = named.putIfAbsent(name, frequency);
            if (other != null && !other.equals(frequency)) {
                slips.add(name + " would be two channels, " + other + " and " + frequency);
                return;
            }
        }
    }
}
