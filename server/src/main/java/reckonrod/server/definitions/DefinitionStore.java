package reckonrod.server.definitions;

import java.time.Clock;
import java.util.List;
import java.util.regex.Pattern;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import reckonrod.core.datafile.DataFileException;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.layout.Layout;
import reckonrod.server.problem.FileFault;
import reckonrod.server.problem.ProblemException;

/** Keeps definitions of the person's own as the texts of their files. What the loader refuses is not kept. */
@Service
@Transactional
class DefinitionStore {
    private static final int MOST_CHARACTERS = 200_000;
    private static final Pattern ID = Pattern.compile("[a-z0-9][a-z0-9-]{0,59}");

    private final DefinitionLookup lookup;
    private final DefinitionRepository own;
    private final Clock clock;

    DefinitionStore(DefinitionLookup lookup, DefinitionRepository own, Clock clock) {
        this.lookup = lookup;
        this.own = own;
        this.clock = clock;
    }

    /**
     * A definition's file.
     *
     * @param version the version of one of one's own; 0 for one that ships
     * @param radios the person's radios of that model
     */
    record DefinitionFile(RadioDefinition definition, String yaml, boolean ships, long version, List<String> radios) {}

    @Transactional(readOnly = true)
    public DefinitionFile get(String id) {
        if (lookup.ships(id)) {
            return new DefinitionFile(lookup.get(id), RadioDefinitions.shippedText(id), true, 0, own.radiosOf(id));
        }
        return file(record(id));
    }

    /** A new one of one's own. */
    public DefinitionFile add(String yaml) {
        RadioDefinition definition = read("radio.yaml", yaml);
        if (lookup.ships(definition.id()) || own.existsById(definition.id())) {
            throw ProblemException.conflict(
                    "radio-model-exists",
                    "That id is taken",
                    "There is a model \"" + definition.id()
                            + "\" already. Choose another id in the line that begins with id:.");
        }
        return file(own.saveAndFlush(new DefinitionRecord(definition.id(), yaml, clock.instant())));
    }

    /** Another text for one of one's own. */
    public DefinitionFile change(String id, long baseVersion, String yaml) {
        if (lookup.ships(id)) {
            throw ProblemException.refused(
                    "radio-model-ships",
                    "That model ships with the program",
                    "It stays as it is, so that you can always come back to it. Copy it and edit the copy.");
        }
        DefinitionRecord record = record(id);
        if (record.version() != baseVersion) {
            throw ProblemException.conflict(
                    "changed-elsewhere",
                    "Changed elsewhere",
                    "The model was changed in another tab or window. Nothing was overwritten; copy your text and open it anew.");
        }
        RadioDefinition definition = read(id + ".yaml", yaml);
        if (!definition.id().equals(id)) {
            throw ProblemException.refused(
                    "radio-model-id",
                    "The id stays",
                    "The id was \"" + definition.id() + "\" and must stay \"" + id
                            + "\", since radios name their model by it.");
        }
        int before = bytes(RadioDefinitions.read(id + ".yaml", record.yaml()));
        if (before != bytes(definition) && own.hasSnapshots(id)) {
            throw ProblemException.conflict(
                    "radio-model-in-use",
                    "Snapshots are kept of it",
                    "The memory has " + before + " bytes, as the snapshots of these radios have, and would have "
                            + bytes(definition) + ". Copy the model under another id and change the copy.");
        }
        record.become(yaml, clock.instant());
        return file(own.saveAndFlush(record));
    }

    private static int bytes(RadioDefinition definition) {
        return definition.memory().map(Layout::bytes).orElse(0);
    }

    /** Takes one of one's own away, if no radio is of that model. */
    public void delete(String id) {
        DefinitionRecord record = record(id);
        List<String> radios = own.radiosOf(id);
        if (!radios.isEmpty()) {
            throw ProblemException.conflict(
                    "radio-model-in-use",
                    "A radio is of that model",
                    "It is the model of " + String.join(", ", radios) + ", so it is kept.");
        }
        own.delete(record);
    }

    private DefinitionRecord record(String id) {
        return own.findById(id)
                .orElseThrow(() -> ProblemException.notFound("There is no model \"" + id + "\" of your own."));
    }

    private DefinitionFile file(DefinitionRecord record) {
        return new DefinitionFile(
                RadioDefinitions.read(record.getId() + ".yaml", record.yaml()),
                record.yaml(),
                false,
                record.version(),
                own.radiosOf(record.getId()));
    }

    /** Reads the text; its faults, each with its line, are the problem that comes back. */
    static RadioDefinition read(String name, String yaml) {
        if (yaml.length() > MOST_CHARACTERS) {
            throw ProblemException.refused(
                    "radio-model-too-long",
                    "The definition is too long",
                    "It has " + yaml.length() + " characters; at most " + MOST_CHARACTERS + " are read.");
        }
        try {
            RadioDefinition definition = RadioDefinitions.readNew(name, yaml);
            if (!ID.matcher(definition.id()).matches()) {
                throw ProblemException.refused(
                        "radio-model-id",
                        "Not an id",
                        "The id must be lower case letters, digits and hyphens, at most 60, was \"" + definition.id()
                                + "\".");
            }
            return definition;
        } catch (DataFileException refused) {
            throw FileFault.problem("radio-model-faulty", "The definition has faults", refused);
        }
    }
}
