package reckonrod.server.definitions;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import reckonrod.core.datafile.DataFileException;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.server.backup.RestoreCheck;
import reckonrod.server.problem.ProblemException;

/** Finds definitions of radios, those that ship and the person's own. */
@Component
@Transactional(readOnly = true)
public class DefinitionLookup implements RestoreCheck {
    private static final Logger LOG = LoggerFactory.getLogger(DefinitionLookup.class);

    private final RadioDefinitions shipped;
    private final DefinitionRepository own;
    private final Map<String, Read> read = new ConcurrentHashMap<>();

    /** A definition as it was read last; good as long as the version in the database is the same. */
    private record Read(long version, RadioDefinition definition) {}

    DefinitionLookup(RadioDefinitions shipped, DefinitionRepository own) {
        this.shipped = shipped;
        this.own = own;
    }

    /** All of them, those that ship first. */
    public List<RadioDefinition> all() {
        List<RadioDefinition> all = new ArrayList<>(shipped.all());
        own.findAll().stream()
                .flatMap(record -> readable(record).stream())
                .sorted(Comparator.comparing(RadioDefinition::title))
                .forEach(all::add);
        return List.copyOf(all);
    }

    /** One that cannot be read is left out, as it would be later, and its radios with it. */
    @Override
    public void readAll() {
        all();
    }

    @Override
    public void clearCache() {
        read.clear();
    }

    /** Whether there is a definition of that id, be it one that cannot be read any more. */
    public boolean holds(String id) {
        return ships(id) || own.existsById(id);
    }

    /** Whether it ships with the program. */
    public boolean ships(String id) {
        return shipped.find(id).isPresent();
    }

    /** The definition of that id; another id is a problem. */
    public RadioDefinition get(String id) {
        return find(id).orElseThrow(() -> unknown(id));
    }

    /** The definition of that id, if there is one that can be read. */
    public Optional<RadioDefinition> find(String id) {
        return shipped.find(id).or(() -> ownOne(id));
    }

    private Optional<RadioDefinition> ownOne(String id) {
        return own.versionOf(id).flatMap(version -> {
            Read known = read.get(id);
            return known != null && known.version() == version
                    ? Optional.of(known.definition())
                    : own.findById(id).flatMap(this::readable);
        });
    }

    /** One that this program cannot read (any more) must not take the others with it. */
    private Optional<RadioDefinition> readable(DefinitionRecord record) {
        try {
            return Optional.of(definition(record));
        } catch (DataFileException unreadable) {
            LOG.warn("The radio {} cannot be read: {}", record.getId(), unreadable.getMessage());
            return Optional.empty();
        }
    }

    private RadioDefinition definition(DefinitionRecord record) {
        return read.compute(
                        record.getId(),
                        (id, known) -> known != null && known.version() == record.version()
                                ? known
                                : new Read(record.version(), RadioDefinitions.read(id + ".yaml", record.yaml())))
                .definition();
    }

    private static ProblemException unknown(String id) {
        return ProblemException.refused(
                "radio-model-unknown", "Unknown model", "\"" + id + "\" is no model of radio that is known here.");
    }
}
