package reckonrod.server.radios;

import java.time.Instant;
import java.util.UUID;
import reckonrod.core.image.MemoryImage;

/** What a radio held at a moment, and why that was kept. */
public record Snapshot(UUID id, String radioId, Instant takenAt, String reason, MemoryImage image) {}
