package reckonrod.server.lists;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import reckonrod.core.list.ChannelList;

/**
 * A list as it stands in the database.
 *
 * @param version changes with every change, undo and redo
 * @param homeId the list that it was made from; absent for most
 * @param undo what undo would take back
 * @param redo what redo would do again
 * @param changedAt when it was changed last
 */
public record StoredList(
        UUID id,
        long version,
        ChannelList list,
        Optional<UUID> homeId,
        Optional<String> undo,
        Optional<String> redo,
        Instant changedAt) {
    /** What the list of lists tells of it. */
    public ListSummary summary() {
        return new ListSummary(
                id,
                list.name(),
                list.entries().size(),
                list.bandPlanId(),
                list.licence(),
                changedAt,
                homeId.orElse(null));
    }
}
