package reckonrod.core.judge;

import java.util.Collection;
import java.util.EnumMap;
import java.util.Map;
import reckonrod.core.check.SlotFindings;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.Severity;
import reckonrod.core.fit.FitReport;

/**
 * How many findings there are on a list, on its channels and on what each radio makes of it. Each is at least 0.
 *
 * @param errors open errors
 * @param doubts open doubts
 * @param notes open notes
 * @param laidAside what the person has laid aside
 */
public record FindingCounts(int errors, int doubts, int notes, int laidAside) {
    /** Counts the findings of a list and those of its fits. */
    public static FindingCounts of(Collection<SlotFindings> ofList, Collection<FitReport> fits) {
        Map<Severity, Integer> open = new EnumMap<>(Severity.class);
        ofList.forEach(slot -> count(slot.open(), open));
        fits.forEach(fit -> fit.findings().values().forEach(slot -> count(slot, open)));
        return new FindingCounts(
                open.getOrDefault(Severity.ERROR, 0),
                open.getOrDefault(Severity.DOUBT, 0),
                open.getOrDefault(Severity.NOTE, 0),
                ofList.stream().mapToInt(slot -> slot.laidAside().size()).sum());
    }

    private static void count(Collection<Finding> findings, Map<Severity, Integer> open) {
        findings.forEach(each -> open.merge(each.kind().severity(), 1, Integer::sum));
    }
}
