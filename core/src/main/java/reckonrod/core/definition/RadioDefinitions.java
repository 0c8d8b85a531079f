package reckonrod.core.definition;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reckonrod.core.datafile.DataFile;

/** The radio definitions at hand, by their id. */
public final class RadioDefinitions {
    /** Made by the build from the folder of the definitions. */
    private static final String INDEX = "shipped.txt";

    private final Map<String, RadioDefinition> definitions = new LinkedHashMap<>();

    private RadioDefinitions(List<RadioDefinition> definitions) {
        definitions.forEach(each -> this.definitions.put(each.id(), each));
    }

    /** The definitions that ship with the program. */
    public static RadioDefinitions shipped() {
        return new RadioDefinitions(DataFile.resourceText(RadioDefinitions.class, INDEX)
                .lines()
                .sorted()
                .map(file -> DataFile.readResource(RadioDefinitions.class, file, DefinitionReader::read))
                .toList());
    }

    /**
     * Reads one definition from the text of a file.
     *
     * @throws reckonrod.core.datafile.DataFileException with every fault and its line
     */
    public static RadioDefinition read(String fileName, String yaml) {
        return DataFile.read(fileName, yaml, DefinitionReader::read);
    }

    /**
     * The same for a text that is new, which is refused for slips too that a kept one may have.
     *
     * @throws reckonrod.core.datafile.DataFileException with every fault and its line
     */
    public static RadioDefinition readNew(String fileName, String yaml) {
        return DataFile.read(fileName, yaml, file -> {
            RadioDefinition definition = DefinitionReader.read(file);
            // What could not be read is taken for something else meanwhile, and that is nobody's slip.
            if (!file.hasFaults()) {
                DefinitionSlips.of(definition).forEach(file::fault);
            }
            return definition;
        });
    }

    /**
     * The text of the file of one that ships.
     *
     * @throws IllegalArgumentException if none of that id ships
     */
    public static String shippedText(String id) {
        if (DataFile.resourceText(RadioDefinitions.class, INDEX).lines().noneMatch((id + ".yaml")::equals)) {
            throw new IllegalArgumentException("Model must be one that ships, was \"" + id + "\"");
        }
        return DataFile.resourceText(RadioDefinitions.class, id + ".yaml");
    }

    /** The definition of that id, if there is one. */
    public Optional<RadioDefinition> find(String id) {
        return Optional.ofNullable(definitions.get(id));
    }

    /** All definitions. */
    public Collection<RadioDefinition> all() {
        return List.copyOf(definitions.values());
    }
}
