package reckonrod.core.list;

import java.util.Optional;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.geography.Position;

/**
 * The directory entry that a channel was taken from, and what a list has to know of it to put its channels in order and to name them
 * by itself.
 *
 * @param directoryId the key of the entry, not blank
 * @param callSign its call sign; empty if it has none or that is not known
 * @param site what the place is called where it stands; empty if that is not known
 * @param position where it stands, if that is known
 */
public record Origin(String directoryId, String callSign, String site, Optional<Position> position) {
    public Origin {
        if (directoryId.isBlank()) {
            throw new IllegalArgumentException("The key of a directory entry must not be blank");
        }
    }

    /** The entry as its directory has it. */
    public static Origin of(DirectoryEntry entry) {
        return new Origin(
                entry.id(), entry.callSign(), entry.site().name(), entry.site().position());
    }

    /** An entry of which no more than its key is known. */
    public static Origin named(String directoryId) {
        return new Origin(directoryId, "", "", Optional.empty());
    }

    /** Whether its site is not known, as in lists of before that was kept. */
    public boolean isBare() {
        return site.isEmpty();
    }
}
