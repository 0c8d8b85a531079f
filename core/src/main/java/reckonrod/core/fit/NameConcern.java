package reckonrod.core.fit;

import java.util.Map;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.ShownNames;

/** A name must be one that the display can show. */
record NameConcern() implements Concern {
    static final FindingKind SHORTENED = new FindingKind(
            "fit-name-shortened",
            Severity.NOTE,
            "The radio shows names of at most {longest} characters{which}.",
            "Choose a name of at most {longest} of them.");

    @Override
    public void judge(Candidate candidate, Limits limits) {
        String name = candidate.channel().name();
        if (limits.name().allows(name)) {
            return;
        }
        String shortened = ShownNames.first(
                NamesApart.wanted(candidate.entry(), candidate.overrule(), limits.name()), limits.name());
        candidate.becomes(candidate.channel().withName(shortened));
        // Capitals alone change nothing that anyone could mistake.
        if (!shortened.equalsIgnoreCase(name)) {
            Map<String, String> facts = Map.of(
                    "longest",
                    String.valueOf(limits.name().longest()),
                    "which",
                    limits.name().hasSmallLetters() ? "" : ", capitals and digits");
            if (candidate.overrule().flatMap(Carrying.Overrule::name).isPresent()) {
                candidate.adapted(SHORTENED, Field.NAME, facts, name, shortened);
            } else {
                candidate.adapted(
                        SHORTENED,
                        Field.NAME,
                        facts,
                        name,
                        shortened,
                        "Call it " + shortened,
                        candidate.asWritten().withName(shortened));
            }
        }
    }
}
