package reckonrod.core.fit;

import java.util.Map;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.radio.Limits;

/** A channel goes into the slot of the same number, if the radio has that. */
record PlaceConcern() implements Concern {
    static final FindingKind NO_SLOT = new FindingKind(
            "fit-no-slot", Severity.DOUBT, "The radio has slots {slots}.", "Move the channel to one of those slots.");

    @Override
    public void judge(Candidate candidate, Limits limits) {
        if (!limits.slots().contains(candidate.slot())) {
            candidate.leftOut(
                    NO_SLOT, Field.SLOT, Map.of("slots", limits.slots().toString()), String.valueOf(candidate.slot()));
        }
    }
}
