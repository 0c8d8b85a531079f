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

    static final FindingKind TAKEN = new FindingKind(
            "fit-slot-taken",
            Severity.DOUBT,
            "Slot {slot} of this radio is for {other}, which has a better rank or comes before it.",
            "Let its block begin at another slot of this radio, or give it a better rank.");

    static final FindingKind BLOCK_OUT = new FindingKind(
            "fit-block-out",
            Severity.NOTE,
            "The block {block} does not go into this radio, as you have it.",
            "Let the block into this radio again if the channel is wanted there.");

    static final FindingKind BLOCK_UNKNOWN = new FindingKind(
            "fit-block-unknown",
            Severity.NOTE,
            "For a block {block} this radio has a place of its own, and this list has no such block.",
            "If the block was renamed, say again where it goes in this radio.");

    @Override
    public void judge(Candidate candidate, Limits limits) {
        Place place = candidate.place();
        String slot = String.valueOf(candidate.slot());
        if (place instanceof Place.At at) {
            if (!limits.slots().contains(at.slot())) {
                candidate.leftOut(
                        NO_SLOT, Field.SLOT, Map.of("slots", limits.slots().toString()), String.valueOf(at.slot()));
            }
        } else if (place instanceof Place.Taken taken) {
            candidate.leftOut(
                    TAKEN, Field.SLOT, Map.of("slot", String.valueOf(taken.slot()), "other", taken.by()), slot);
        } else if (place instanceof Place.OutWithBlock out) {
            candidate.leftOut(BLOCK_OUT, Field.SLOT, Map.of("block", out.block()), slot);
        } else {
            candidate.leftOut(
                    NO_ROOM,
                    Field.SLOT,
                    Map.of("count", String.valueOf(limits.slots().count())),
                    slot);
        }
    }
}
