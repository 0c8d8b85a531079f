package reckonrod.core.image;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import reckonrod.core.image.SlotDifference.Kind;

/** A plan in words, for paper and for the queue. */
public final class PlanWords {
    private static final Map<Kind, String> WORDS =
            Map.of(Kind.ADDED, "new", Kind.CHANGED, "changed", Kind.REPLACED, "replaced", Kind.REMOVED, "removed");

    private PlanWords() {}

    /** In one line: {@code 5 new, 3 changed, 1 setting}. */
    public static String sum(WritePlan plan) {
        List<String> parts = new ArrayList<>();
        for (Kind kind : Kind.values()) {
            if (plan.count(kind) > 0) {
                parts.add(plan.count(kind) + " " + WORDS.get(kind));
            }
        }
        if (!plan.settings().isEmpty()) {
            parts.add(plan.settings().size() + (plan.settings().size() == 1 ? " setting" : " settings"));
        }
        return parts.isEmpty() ? "nothing" : String.join(", ", parts);
    }

    /** Slot by slot, what is written and what is left as it is. */
    public static List<String> lines(WritePlan plan) {
        List<String> lines = plan.slots().stream()
                .map(each -> "Slot " + each.difference().slot() + ": "
                        + (each.left() ? "stays " : WORDS.get(each.difference().kind()) + " ")
                        + each.difference().before().map(PlanWords::of).orElse("free")
                        + (each.left()
                                ? ""
                                : " → "
                                        + each.difference()
                                                .after()
                                                .map(PlanWords::of)
                                                .orElse("free")))
                .collect(Collectors.toCollection(ArrayList::new));
        plan.settings()
                .forEach(each -> lines.add("Setting " + each.setting().name() + ": "
                        + each.before().orElse("not known") + " → " + each.after()));
        return lines;
    }

    private static String of(SlotReading reading) {
        return reading.content()
                .map(slot -> (slot.name() + " " + slot.words()).strip())
                .orElse("unreadable");
    }
}
