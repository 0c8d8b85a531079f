package reckonrod.core.datafile;

import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.error.MarkedYAMLException;
import org.yaml.snakeyaml.error.YAMLException;
import org.yaml.snakeyaml.nodes.MappingNode;
import org.yaml.snakeyaml.nodes.Node;

/** One data file being read: its name, and the faults found so far. */
public final class DataFile {
    private final String name;
    private final List<String> faults = new ArrayList<>();

    private DataFile(String name) {
        this.name = name;
    }

    /**
     * Reads one file's text into an object.
     *
     * @param name the file's name, for messages
     * @param text YAML with one mapping at its top
     * @param reader builds the object from that mapping; faults it meets are collected
     * @throws DataFileException with every fault, if there is any
     */
    public static <T> T read(String name, String text, Function<Section, T> reader) {
        DataFile file = new DataFile(name);
        Section top = file.top(text);
        T result = null;
        boolean whole = false;
        try {
            result = reader.apply(top);
            whole = true;
        } catch (IllegalArgumentException | NullPointerException afterFaults) {
            // A value that a collected fault left out can stop the reader; the fault itself is what gets reported.
            if (file.faults.isEmpty()) {
                file.fault(1, afterFaults.getMessage());
            }
        }
        // A reader that stopped half way has not come to all the keys: those are no faults of the file.
        if (whole) {
            top.reportUnread();
        }
        if (!file.faults.isEmpty()) {
            throw new DataFileException(file.faults);
        }
        return result;
    }

    /** Reads a data file that ships with the program. */
    public static <T> T readResource(Class<?> near, String resource, Function<Section, T> reader) {
        return read(resource, resourceText(near, resource), reader);
    }

    /** The text of a data file that ships with the program. */
    public static String resourceText(Class<?> near, String resource) {
        try (InputStream stream = near.getResourceAsStream(resource)) {
            if (stream == null) {
                throw new IllegalStateException("The program lacks its own file " + resource);
            }
            return new String(stream.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private Section top(String text) {
        Node node;
        try {
            LoaderOptions options = new LoaderOptions();
            options.setAllowDuplicateKeys(false);
            node = new Yaml(options).compose(new StringReader(text));
        } catch (MarkedYAMLException notYaml) {
            int line = notYaml.getProblemMark() == null
                    ? 1
                    : notYaml.getProblemMark().getLine() + 1;
            fault(line, notYaml.getProblem());
            throw new DataFileException(faults);
        } catch (YAMLException unreadable) {
            fault(
                    1,
                    "the text cannot be read: "
                            + unreadable.getMessage().lines().findFirst().orElse("no reason"));
            throw new DataFileException(faults);
        }
        if (!(node instanceof MappingNode mapping)) {
            fault(1, "the file must be a list of keys and values");
            throw new DataFileException(faults);
        }
        return new Section(this, mapping);
    }

    int faultCount() {
        return faults.size();
    }

    void fault(int line, String message) {
        faults.add(name + ":" + line + ": " + message);
    }
}
