package reckonrod.core.fit;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import reckonrod.core.finding.Finding;
import reckonrod.core.radio.RadioDefinition;
import reckonrod.core.radio.RadioSlot;

/**
 * A list fitted to a radio.
 *
 * @param radio the radio
 * @param placements one for each entry, by rising slot
 * @param findings what only the fitted list shows, by slot
 */
public record FitReport(
        RadioDefinition radio, List<Placement> placements, NavigableMap<Integer, List<Finding>> findings) {
    public FitReport {
        findings = Collections.unmodifiableNavigableMap(new TreeMap<>(findings));
        placements = List.copyOf(placements);
    }

    /** How many entries got each mark. */
    public Map<FitMark, Integer> totals() {
        Map<FitMark, Integer> totals = new EnumMap<>(FitMark.class);
        for (FitMark mark : FitMark.values()) {
            totals.put(mark, 0);
        }
        placements.forEach(placement -> totals.merge(placement.mark(), 1, Integer::sum));
        return totals;
    }

    /** What goes into the radio, by slot. */
    public NavigableMap<Integer, RadioSlot> contents() {
        NavigableMap<Integer, RadioSlot> contents = new TreeMap<>();
        placements.forEach(
                placement -> placement.content().ifPresent(content -> contents.put(placement.slot(), content)));
        return contents;
    }
}
