package reckonrod.core.prove;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import reckonrod.core.air.Call;
import reckonrod.core.channel.Channel;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.find.Finder;
import reckonrod.core.geography.Position;
import reckonrod.core.list.ListEntry;

/** Which repeater of the directory a channel is for: the one it was taken from, else the one near by that it would open. */
public final class OwnRepeaters {
    // Who talks where a repeater near by talks has left its shift out; farther away it is a channel of its own.
    private static final double MISTAKEN_METRES = 60_000;

    private final Map<String, DirectoryEntry> known = new HashMap<>();
    private final List<DirectoryEntry> near;
    private final Finder finder;

    /**
     * Chooses among these.
     *
     * @param known entries that channels were taken from
     * @param near entries around the places that count
     * @param finder works out the inputs that entries leave out
     */
    public OwnRepeaters(Collection<DirectoryEntry> known, Collection<DirectoryEntry> near, Finder finder) {
        known.forEach(each -> this.known.put(each.id(), each));
        this.near = List.copyOf(near);
        this.finder = finder;
    }

    /** The repeater of a channel, judged from a place; absent where none is near that it could be for. */
    public Optional<DirectoryEntry> of(ListEntry entry, Position here) {
        DirectoryEntry taken = known.get(entry.directoryId());
        if (taken != null) {
            return Optional.of(taken);
        }
        Channel channel = entry.channel();
        return near.stream()
                .filter(each -> Call.isOn(channel.receive(), each.signal().output()))
                .filter(each -> !channel.isSimplex() || metres(here, each) < MISTAKEN_METRES)
                .min(Comparator.<DirectoryEntry>comparingInt(each -> talksThere(channel, each) ? 0 : 1)
                        .thenComparingInt(each ->
                                channel.talkTone().sameOnAir(each.signal().talkTone()) ? 0 : 1)
                        .thenComparingDouble(each -> metres(here, each))
                        .thenComparing(DirectoryEntry::id));
    }

    private boolean talksThere(Channel channel, DirectoryEntry entry) {
        return channel.transmit()
                .filter(talk -> Call.isOn(talk, finder.input(entry)))
                .isPresent();
    }

    private static double metres(Position here, DirectoryEntry entry) {
        return entry.site().position().map(there -> here.to(there).metres()).orElse(Double.MAX_VALUE);
    }

    /** The repeaters of several channels, by the ids of the channels. */
    public Map<UUID, DirectoryEntry> of(Collection<ListEntry> entries, Position here) {
        Map<UUID, DirectoryEntry> own = new HashMap<>();
        entries.forEach(each -> of(each, here).ifPresent(repeater -> own.put(each.id(), repeater)));
        return own;
    }
}
