package reckonrod.core.fit;

import java.util.Map;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.radio.Limits;

/** A channel goes into the slot that is meant for it, if the radio has that. */
record PlaceConcern() implements Concern {
    static final FindingKind NO_SLOT = new FindingKind(
            "fit-no-slot",
            Severity.DOUBT,
            "The radio has slots {slots}.",
            "Move the channel to one of those slots, or let this radio have the list packed or moved.");

    static final FindingKind NO_ROOM = new FindingKind(
            "fit-no-room",
            Severity.DOUBT,
            "The radio has {count} slots, and those of a better rank, or before it, take them all.",
            "Give it a better rank, or leave others out of this radio.");

    @Override
    public void judge(Candidate candidate, Limits limits) {
        if (candidate.place().isEmpty()) {
            candidate.leftOut(
                    NO_ROOM,
                    Field.SLOT,
                    Map.of("count", String.valueOf(limits.slots().count())),
                    String.valueOf(candidate.slot()));
        } else if (!limits.slots().contains(candidate.place().getAsInt())) {
            candidate.leftOut(
                    NO_SLOT,
                    Field.SLOT,
                    Map.of("slots", limits.slots().toString()),
                    String.valueOf(candidate.place().getAsInt()));
        }
    }
}
