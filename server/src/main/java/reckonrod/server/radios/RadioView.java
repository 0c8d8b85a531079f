package reckonrod.server.radios;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * One of the person's radios on the wire.
 *
 * @param baud the speed of its cable; absent where it is not loaded by cable
 * @param person what the person does to load it by cable
 */
record RadioView(
        String id,
        String name,
        String model,
        String kind,
        int firstSlot,
        int lastSlot,
        String port,
        boolean simulated,
        @Schema(nullable = true) Integer baud,
        List<String> person,
        @Schema(nullable = true) UUID snapshotToPutBack,
        boolean halfWritten,
        @Schema(nullable = true) LoadedView loaded,
        @Schema(nullable = true) SnapshotView newestSnapshot) {
    /**
     * The list it holds, as far as is known.
     *
     * @param listId nothing of what was written before ids were kept
     */
    record LoadedView(@Schema(nullable = true) UUID listId, String listName, Instant since) {}

    /** A snapshot of its memory. */
    record SnapshotView(UUID id, Instant takenAt, String reason, int channels) {}
}
