package reckonrod.core.finding;

import java.util.Comparator;
import java.util.List;
import java.util.Map;

/**
 * One judgement on one thing.
 *
 * @param kind what is judged
 * @param field the part it speaks of
 * @param facts what fills the sentences
 * @param fixes ways to mend it, best first
 */
public record Finding(FindingKind kind, Field field, Map<String, String> facts, List<Fix> fixes) {
    /** Gravest first, then by field and code: the same order every time. */
    public static final Comparator<Finding> ORDER = Comparator.comparing(
                    (Finding finding) -> finding.kind().severity())
            .thenComparing(Finding::field)
            .thenComparing(finding -> finding.kind().code());

    public Finding {
        facts = Map.copyOf(facts);
        fixes = List.copyOf(fixes);
    }

    /** A finding without fixes. */
    public static Finding of(FindingKind kind, Field field, Map<String, String> facts) {
        return new Finding(kind, field, facts, List.of());
    }

    /** What was found, in one plain sentence. */
    public String message() {
        return FindingKind.fill(kind.sentence(), facts);
    }

    /** Why it matters, in one sentence. */
    public String why() {
        return FindingKind.fill(kind.why(), facts);
    }

    /** Whether the other is of the same kind and speaks of the same part. */
    public boolean sameSubject(Finding other) {
        return kind.equals(other.kind) && field == other.field;
    }

    @Override
    public String toString() {
        return kind.severity() + " " + kind.code() + ": " + message();
    }
}
