package reckonrod.server.fit;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import reckonrod.core.image.SlotDifference;
import reckonrod.core.image.WritePlan;
import reckonrod.core.link.WriteEstimate;
import reckonrod.server.lists.StoredList;
import reckonrod.server.radios.Snapshot;

/**
 * What writing a list would change in a radio, slot by slot, against a snapshot of it.
 *
 * @param loses how many channels of the radio go
 * @param held how many channels the radio will hold
 * @param keptOfTheRadio how many channels that came from no list are left as they are
 * @param drifted how many slots somebody changed on the radio since a list wrote them
 * @param planned names what the radio would hold; said with a write, nothing else is written
 * @param mustBeAsked whether so much goes that the person is to be asked first
 */
record DifferenceView(
        UUID snapshotId,
        Instant takenAt,
        UUID listId,
        long listVersion,
        int blocksToWrite,
        int bytesToWrite,
        int secondsAtLineSpeed,
        int added,
        int changed,
        int replaced,
        int removed,
        int loses,
        int held,
        int keptOfTheRadio,
        int drifted,
        boolean mustBeAsked,
        String planned,
        List<PlannedChange> slots,
        List<SettingSet> settings) {
    /**
     * A setting of the whole radio that is set.
     *
     * @param before what it is set to now; nothing where its bytes mean none of its values
     */
    record SettingSet(String name, @Schema(nullable = true) String before, String after) {}

    /** Where what a slot holds came from. */
    enum SlotOrigin {
        radio,
        list,
        changed_since,
        removed_since
    }

    /** What happens to a slot. */
    enum ChangeKind {
        added,
        changed,
        replaced,
        removed
    }

    /**
     * One slot before and after.
     *
     * @param takesAway whether the channel that it holds goes
     */
    record SlotChange(
            int slot,
            ChangeKind kind,
            boolean takesAway,
            @Schema(nullable = true) SlotView before,
            @Schema(nullable = true) SlotView after,
            List<String> parts) {
        static SlotChange of(SlotDifference difference) {
            return new SlotChange(
                    difference.slot(),
                    ChangeKind.valueOf(difference.kind().name().toLowerCase(Locale.ROOT)),
                    difference.takesAway(),
                    difference.before().map(SlotView::of).orElse(null),
                    difference.after().map(SlotView::of).orElse(null),
                    difference.parts());
        }
    }

    /**
     * One slot as the list would have it.
     *
     * @param fromList whether what it holds came from a list; else only the radio has it
     * @param origin where what it holds came from: the radio, a list, or a list and changed or removed on the radio since
     * @param written what a list wrote there last time, where somebody changed that on the radio since
     * @param left whether it is left as it is
     */
    record PlannedChange(
            SlotChange change,
            boolean fromList,
            boolean left,
            SlotOrigin origin,
            @Schema(nullable = true) SlotView written) {
        static PlannedChange of(WritePlan.Planned planned) {
            return new PlannedChange(
                    SlotChange.of(planned.difference()),
                    planned.fromList(),
                    planned.left(),
                    SlotOrigin.valueOf(planned.origin().name().toLowerCase(Locale.ROOT)),
                    planned.isDrift() ? planned.written().map(SlotView::of).orElse(null) : null);
        }
    }

    /** What putting a snapshot back would change, against what the radio was last seen to hold. */
    record RestoreView(UUID snapshotId, Instant takenAt, Instant comparedWith, List<SlotChange> slots) {}

    static DifferenceView of(Snapshot snapshot, StoredList list, WritePlan plan, WriteEstimate estimate) {
        return new DifferenceView(
                snapshot.id(),
                snapshot.takenAt(),
                list.id(),
                list.version(),
                estimate.blocks(),
                estimate.bytes(),
                estimate.seconds(),
                plan.count(SlotDifference.Kind.ADDED),
                plan.count(SlotDifference.Kind.CHANGED),
                plan.count(SlotDifference.Kind.REPLACED),
                plan.count(SlotDifference.Kind.REMOVED),
                plan.loses(),
                plan.held(),
                plan.keptOfTheRadio(),
                plan.drifted(),
                plan.mustBeAsked(),
                plan.image().digest(),
                plan.slots().stream().map(PlannedChange::of).toList(),
                plan.settings().stream()
                        .map(each -> new SettingSet(
                                each.setting().name(), each.before().orElse(null), each.after()))
                        .toList());
    }
}
