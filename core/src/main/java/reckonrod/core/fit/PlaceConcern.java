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
        if (place instanceof Place.At at) {
            if (!limits.slots().contains(at.slot())) {
                out(candidate, NO_SLOT, Map.of("slots", limits.slots().toString()), at.slot());
            }
        } else if (place instanceof Place.Taken taken) {
            Map<String, String> facts = Map.of("slot", String.valueOf(taken.slot()), "other", taken.by());
            out(candidate, TAKEN, facts, candidate.slot());
        } else if (place instanceof Place.OutWithBlock with) {
            out(candidate, BLOCK_OUT, Map.of("block", with.block()), candidate.slot());
        } else {
            Map<String, String> facts =
                    Map.of("count", String.valueOf(limits.slots().count()));
            out(candidate, NO_ROOM, facts, candidate.slot());
        }
    }

    private static void out(Candidate candidate, FindingKind kind, Map<String, String> facts, int slot) {
        candidate.leftOut(kind, Field.SLOT, facts, String.valueOf(slot));
    }
}
