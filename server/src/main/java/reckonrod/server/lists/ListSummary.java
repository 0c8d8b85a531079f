package reckonrod.server.lists;

import java.util.UUID;

/**
 * What the list of lists tells of one.
 *
 * @param channels how many it has
 */
public record ListSummary(UUID id, String name, int channels, String bandPlan, String licence) {}
