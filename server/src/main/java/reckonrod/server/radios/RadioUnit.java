package reckonrod.server.radios;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.fit.Carrying;
import reckonrod.server.definitions.Way;
import reckonrod.server.problem.ProblemException;

/**
 * One radio that the person owns.
 *
 * @param id its name in addresses
 * @param name what the person calls it
 * @param definition its model
 * @param port how it is reached
 * @param halfWritten there when a write was begun and not brought to a good end
 * @param loaded which list it holds, as far as is known
 * @param unknownSince since when it is unknown what it holds: an archive was restored then, and it has not been read since
 * @param shelf what the person knows of it besides
 * @param carrying at which of its slots a list goes, and what is otherwise in it than in the list
 */
public record RadioUnit(
        String id,
        String name,
        RadioDefinition definition,
        PortAddress port,
        Optional<HalfWritten> halfWritten,
        Optional<Loaded> loaded,
        Optional<Instant> unknownSince,
        Shelf shelf,
        Carrying carrying) {
    /** Ids are used in addresses and in the names of folders. */
    private static final Pattern ID = Pattern.compile("[a-z0-9][a-z0-9-]{0,79}");

    public RadioUnit {
        if (!ID.matcher(id).matches()) {
            throw new IllegalArgumentException(
                    "A radio's id must be lower-case letters, digits and hyphens, was \"" + id + "\"");
        }
    }

    /**
     * The radio, if it can be loaded by a cable or a card at all.
     *
     * @throws ProblemException that says what is done instead, if it cannot
     */
    public RadioUnit withLink() {
        if (definition.link().isEmpty()) {
            throw ProblemException.refused(
                    "no-cable",
                    "No cable",
                    "The " + definition.title() + " is not loaded by cable here. Fit shows what would go into it; it is"
                            + " keyed in by hand.");
        }
        return this;
    }

    /**
     * The radio, if it is known here by which port or folder it is reached.
     *
     * @throws ProblemException that says what to do, if it is not
     */
    public RadioUnit withLine() {
        if (withLink().port() instanceof PortAddress.None) {
            throw ProblemException.refused(
                    "no-port-set",
                    "No port chosen",
                    "It is not said yet how " + name + " is reached. Choose its port or the folder of its card first.");
        }
        return this;
    }

    /** Whether it is loaded by a memory card. */
    public boolean byCard() {
        return Way.of(definition) == Way.card;
    }

    /**
     * A write that did not come to a good end.
     *
     * @param snapshotToPutBack what the radio held before
     */
    public record HalfWritten(UUID snapshotToPutBack) {}

    /** The list a radio was last written with; its id is not known of what was written before ids were kept. */
    public record Loaded(Optional<UUID> listId, String listName, Instant since) {}
}
