package reckonrod.core.list;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
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
 * @param shortNames short names that the person chose, by the characters of the displays that they are for, 1 to 31
 */
public record ListEntry(
        UUID id,
        Channel channel,
        String line,
        String published,
        boolean pinned,
        List<Dismissal> dismissals,
        String directoryId,
        NavigableMap<Integer, String> shortNames) {
    public ListEntry {
        dismissals = List.copyOf(dismissals);
        shortNames = shortNames.isEmpty()
                ? Collections.emptyNavigableMap()
                : Collections.unmodifiableNavigableMap(new TreeMap<>(shortNames));
        shortNames.forEach((length, name) -> {
            if (length < 1 || length >= Channel.MOST_NAME_CHARACTERS || name.isBlank() || name.length() > length) {
                throw new IllegalArgumentException("A short name for " + length + " characters must have 1 to " + length
                        + ", was \"" + name + "\"");
            }
        });
    }

    /** The short name that the person chose for displays of just so many characters. */
    public Optional<String> shortName(int longest) {
        return Optional.ofNullable(shortNames.get(longest));
    }

    /** The entry with a short name for displays of so many characters, or without. */
    ListEntry withShortName(int length, Optional<String> name) {
        NavigableMap<Integer, String> next = new TreeMap<>(shortNames);
        name.ifPresentOrElse(each -> next.put(length, each), () -> next.remove(length));
        return new ListEntry(id, channel, line, published, pinned, dismissals, directoryId, next);
    }

    /** A channel as it comes in. */
    public static ListEntry of(UUID id, Channel channel, String line) {
        return new ListEntry(id, channel, line, line, false, List.of(), "", Collections.emptyNavigableMap());
    }

    /** A channel as it is taken from a directory. */
    public static ListEntry taken(UUID id, Channel channel, String line, String directoryId) {
        return new ListEntry(id, channel, line, line, false, List.of(), directoryId, Collections.emptyNavigableMap());
    }

    /**
     * The entry with another channel; short names go with the name that they stand for. What was laid aside is looked at again
     * if the channel changed on the air; of one that only has another name or power, if it was about those.
     */
    public ListEntry withChannel(Channel next, String nextLine) {
        return new ListEntry(
                id,
                next,
                nextLine,
                published,
                pinned,
                stillLaidAside(next),
                directoryId,
                next.name().equalsIgnoreCase(channel.name()) ? shortNames : Collections.emptyNavigableMap());
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
        return new ListEntry(id, channel, line, published, next, dismissals, directoryId, shortNames);
    }

    ListEntry withDismissal(Dismissal dismissal) {
        List<Dismissal> next = new ArrayList<>(dismissals);
        next.removeIf(dismissal::sameSubject);
        next.add(dismissal);
        return new ListEntry(id, channel, line, published, pinned, next, directoryId, shortNames);
    }

    ListEntry withoutDismissal(Predicate<Dismissal> which) {
        return new ListEntry(
                id,
                channel,
                line,
                published,
                pinned,
                dismissals.stream().filter(which.negate()).toList(),
                directoryId,
                shortNames);
    }
}
