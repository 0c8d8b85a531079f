package reckonrod.core.list;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Predicate;
import reckonrod.core.channel.Channel;
import reckonrod.core.finding.Field;

/**
 * A channel in its slot.
 *
 * @param id stays the same while the channel moves and changes
 * @param channel the channel
 * @param line the line it is now, as typed
 * @param published the line it came in as; what differs from it was typed over later
 * @param pinned whether it keeps its slot
 * @param dismissals the findings laid aside for the channel as it is now
 * @param directoryId the directory entry it was taken from; empty if from none
 */
public record ListEntry(
        UUID id,
        Channel channel,
        String line,
        String published,
        boolean pinned,
        List<Dismissal> dismissals,
        String directoryId) {
    public ListEntry {
        dismissals = List.copyOf(dismissals);
    }

    /** A channel as it comes in. */
    public static ListEntry of(UUID id, Channel channel, String line) {
        return new ListEntry(id, channel, line, line, false, List.of(), "");
    }

    /** A channel as it is taken from a directory. */
    public static ListEntry taken(UUID id, Channel channel, String line, String directoryId) {
        return new ListEntry(id, channel, line, line, false, List.of(), directoryId);
    }

    /**
     * The entry with another channel. What was laid aside is looked at again if the channel changed on the air; of one that
     * only has another name or power, if it was about those.
     */
    public ListEntry withChannel(Channel next, String nextLine) {
        return new ListEntry(id, next, nextLine, published, pinned, stillLaidAside(next), directoryId);
    }

    private List<Dismissal> stillLaidAside(Channel next) {
        if (!next.withName(channel.name()).withPower(channel.power()).equals(channel)) {
            return List.of();
        }
        return dismissals.stream()
                .filter(each -> each.field() != Field.NAME || next.name().equals(channel.name()))
                .filter(each -> each.field() != Field.POWER || next.power() == channel.power())
                .toList();
    }

    /** The entry pinned to its slot, or let go. */
    public ListEntry withPinned(boolean next) {
        return new ListEntry(id, channel, line, published, next, dismissals, directoryId);
    }

    ListEntry withDismissal(Dismissal dismissal) {
        List<Dismissal> next = new ArrayList<>(dismissals);
        next.removeIf(dismissal::sameSubject);
        next.add(dismissal);
        return new ListEntry(id, channel, line, published, pinned, next, directoryId);
    }

    ListEntry withoutDismissal(Predicate<Dismissal> which) {
        return new ListEntry(
                id,
                channel,
                line,
                published,
                pinned,
                dismissals.stream().filter(which.negate()).toList(),
                directoryId);
    }
}
