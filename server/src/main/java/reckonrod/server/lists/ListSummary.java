package reckonrod.server.lists;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.UUID;

/**
 * What the list of lists tells of one.
 *
 * @param channels how many it has
 * @param changedAt when it was changed last
 * @param homeId the list that it was made from, as a trip is; nothing for most
 */
public record ListSummary(
        UUID id,
        String name,
        int channels,
        String bandPlan,
        String licence,
        Instant changedAt,
        @Schema(nullable = true) UUID homeId) {}
