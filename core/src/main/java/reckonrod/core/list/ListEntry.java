package reckonrod.core.list;

import java.util.UUID;
import reckonrod.core.channel.Channel;

/**
 * A channel in its slot.
 *
 * @param id stays the same while the channel moves and changes
 * @param channel the channel
 * @param line the line it was typed as, kept as typed
 * @param pinned whether it keeps its slot
 */
public record ListEntry(UUID id, Channel channel, String line, boolean pinned) {
    ListEntry withChannel(Channel next, String nextLine) {
        return new ListEntry(id, next, nextLine, pinned);
    }

    ListEntry withPinned(boolean next) {
        return new ListEntry(id, channel, line, next);
    }
}
