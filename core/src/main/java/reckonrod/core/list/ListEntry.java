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
 * @param standing what it is to the person
 * @param dismissals the findings laid aside for the channel as it is now
 * @param origin the directory entry it was taken from; absent if from none
 * @param shortNames short names that the person chose, by the characters of the displays that they are for, 1 to 31
 */
public record ListEntry(
        UUID id,
        Channel channel,
        String line,
        String published,
        Standing standing,
        List<Dismissal> dismissals,
        Optional<Origin> origin,
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
        return new ListEntry(id, channel, line, published, standing, dismissals, origin, next);
    }

    /** A channel as it comes in. */
    public static ListEntry of(UUID id, Channel channel, String line) {
        return of(id, channel, line, Optional.empty());
    }

    /** A channel as it is taken from a directory. */
    public static ListEntry taken(UUID id, Channel channel, String line, Origin origin) {
        return of(id, channel, line, Optional.of(origin));
    }

    /** A channel as it comes in, from wherever. */
    static ListEntry of(UUID id, Channel channel, String line, Optional<Origin> origin) {
        return new ListEntry(id, channel, line, line, Standing.NEW, List.of(), origin, Collections.emptyNavigableMap());
    }

    /** Whether it keeps its slot. */
    public boolean pinned() {
        return standing.pinned();
    }

    /** Whether a scan stops at it, as the person said; absent where the rule of the list decides. */
    public Optional<Boolean> scan() {
        return standing.scan();
    }

    /** The entry with the same channel under this line. */
    public ListEntry withLine(String next) {
        return new ListEntry(id, channel, next, published, standing, dismissals, origin, shortNames);
    }

    /** The entry as it is to the person from now on. */
    public ListEntry withStanding(Standing next) {
        return new ListEntry(id, channel, line, published, next, dismissals, origin, shortNames);
    }

    /** The key of the directory entry it was taken from; empty if from none. */
    public String directoryId() {
        return origin.map(Origin::directoryId).orElse("");
    }

    /** The entry with all that is known of where it was taken from. */
    public ListEntry withOrigin(Origin next) {
        return new ListEntry(id, channel, line, published, standing, dismissals, Optional.of(next), shortNames);
    }

    /** The entry that a scan stops at, or passes by; or that the rule of the list decides on. */
    public ListEntry withScan(Optional<Boolean> next) {
        return withStanding(standing.scanned(next));
    }

    /**
     * The entry with another channel; short names go with the name that they stand for, and the day it was proven with what it is on the
     * air. What was laid aside is looked at again
     * if the channel changed on the air; of one that only has another name or power, if it was about those.
     */
    public ListEntry withChannel(Channel next, String nextLine) {
        return new ListEntry(
                id,
                next,
                nextLine,
                published,
                next.onAir().equals(channel.onAir()) ? standing : standing.provenOn(Optional.empty()),
                stillLaidAside(next),
                origin,
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
        return withStanding(standing.pinned(next));
    }

    ListEntry withDismissal(Dismissal dismissal) {
        List<Dismissal> next = new ArrayList<>(dismissals);
        next.removeIf(dismissal::sameSubject);
        next.add(dismissal);
        return new ListEntry(id, channel, line, published, standing, next, origin, shortNames);
    }

    ListEntry withoutDismissal(Predicate<Dismissal> which) {
        return new ListEntry(
                id,
                channel,
                line,
                published,
                standing,
                dismissals.stream().filter(which.negate()).toList(),
                origin,
                shortNames);
    }
}
