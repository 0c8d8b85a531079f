package reckonrod.core.notation;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.finding.Finding;

/** Sets two answers side by side: what was published beside what is there now, or before an edit beside after it. */
public final class Explanation {
    private static final String NOTHING = "none";

    /**
     * What an edit does to one part of the answer.
     *
     * @param what the part, such as {@code Talk}
     * @param before its value before
     * @param after its value after
     */
    public record Change(String what, String before, String after) {}

    private Explanation() {}

    /**
     * Works a line out beside the line that the channel came in as: every step that the person changed since says so, and
     * what it was.
     */
    public static WorkedAnswer explain(String line, String published, BandPlan plan) {
        WorkedAnswer now = Reckoner.reckon(line, plan);
        if (line.strip().equals(published.strip())) {
            return now;
        }
        Map<String, Step> before = new HashMap<>();
        Reckoner.reckon(published, plan).working().forEach(step -> before.put(step.what(), step));
        return new WorkedAnswer(
                now.line(),
                now.channel(),
                now.working().stream()
                        .map(step -> step.beside(before.get(step.what())))
                        .toList(),
                now.findings(),
                now.strips());
    }

    /** What differs between two answers, in the order of the working; findings that come or go last. */
    public static List<Change> changes(WorkedAnswer before, WorkedAnswer after) {
        Map<String, String> old = values(before);
        Map<String, String> now = values(after);
        Set<String> parts = new LinkedHashSet<>(now.keySet());
        parts.addAll(old.keySet());
        List<Change> changes = new ArrayList<>();
        for (String part : parts) {
            String was = old.getOrDefault(part, NOTHING);
            String is = now.getOrDefault(part, NOTHING);
            if (!was.equals(is)) {
                changes.add(new Change(part, was, is));
            }
        }
        List<String> oldFindings = messages(before);
        List<String> newFindings = messages(after);
        newFindings.stream()
                .filter(each -> !oldFindings.contains(each))
                .forEach(each -> changes.add(new Change("New finding", "", each)));
        oldFindings.stream()
                .filter(each -> !newFindings.contains(each))
                .forEach(each -> changes.add(new Change("Finding gone", each, "")));
        return List.copyOf(changes);
    }

    private static Map<String, String> values(WorkedAnswer answer) {
        Map<String, String> values = new java.util.LinkedHashMap<>();
        answer.working().forEach(step -> values.put(step.what(), step.value()));
        return values;
    }

    private static List<String> messages(WorkedAnswer answer) {
        return answer.findings().stream().map(Finding::message).toList();
    }
}
