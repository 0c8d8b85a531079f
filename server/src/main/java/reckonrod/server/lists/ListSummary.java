package reckonrod.server.lists;

import java.time.Instant;
import java.util.UUID;

/**
 * What the list of lists tells of one.
 *
 * @param channels how many it has
 * @param changedAt when it was changed last
 */
public record ListSummary(UUID id, String name, int channels, String bandPlan, String licence, Instant changedAt) {}
