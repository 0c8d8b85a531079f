package reckonrod.server.fit;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import reckonrod.core.image.SlotDifference;

/** What writing a list would change in a radio, slot by slot, against a snapshot of it. */
record DifferenceView(
        UUID snapshotId,
        Instant takenAt,
        UUID listId,
        long listVersion,
        int blocksToWrite,
        int bytesToWrite,
        int secondsAtLineSpeed,
        List<SlotChange> slots) {
    /** What happens to a slot. */
    enum ChangeKind {
        added,
        changed,
        removed
    }

    /** One slot before and after. */
    record SlotChange(
            int slot,
            ChangeKind kind,
            @Schema(nullable = true) SlotView before,
            @Schema(nullable = true) SlotView after,
            List<String> parts) {
        static SlotChange of(SlotDifference difference) {
            return new SlotChange(
                    difference.slot(),
                    ChangeKind.valueOf(difference.kind().name().toLowerCase(Locale.ROOT)),
                    difference.before().map(SlotView::of).orElse(null),
                    difference.after().map(SlotView::of).orElse(null),
                    difference.parts());
        }
    }
}
