package reckonrod.core.datafile;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;
import org.yaml.snakeyaml.nodes.MappingNode;
import org.yaml.snakeyaml.nodes.Node;
import org.yaml.snakeyaml.nodes.NodeTuple;
import org.yaml.snakeyaml.nodes.ScalarNode;
import org.yaml.snakeyaml.nodes.SequenceNode;

/** One mapping of a data file. A key that is never asked for is a fault. */
public final class Section {
    private static final Pattern PLAIN_NUMBER = Pattern.compile("[+-]?(0|0*[1-7]|[1-9][0-9]*|0[xX][0-9a-fA-F]+)");

    private final DataFile file;
    private final int line;
    private final Map<String, Node> nodes = new LinkedHashMap<>();
    private final Set<String> read = new HashSet<>();
    private final List<Section> children = new ArrayList<>();
    private boolean leftOff;

    Section(DataFile file, MappingNode mapping) {
        this.file = file;
        this.line = mapping.getStartMark().getLine() + 1;
        for (NodeTuple tuple : mapping.getValue()) {
            if (!(tuple.getKeyNode() instanceof ScalarNode keyNode)) {
                file.fault(lineOf(tuple.getKeyNode()), "a key must be a single word");
                continue;
            }
            String key = keyNode.getValue();
            if (nodes.put(key, tuple.getValueNode()) != null) {
                file.fault(lineOf(tuple.getKeyNode()), "\"" + key + "\" stands here twice");
            }
        }
    }

    /** The text under a key that must be there. */
    public String text(String key) {
        return value(key, Function.identity(), "");
    }

    /** The text under a key that may be missing. */
    public Optional<String> optionalText(String key) {
        return nodes.containsKey(key) ? Optional.of(text(key)) : Optional.empty();
    }

    /**
     * The value under a key that must be there.
     *
     * @param parse turns the text into the value; its {@link IllegalArgumentException} becomes a fault of this line
     * @param instead what is used after a fault, so that reading can go on and find the others
     */
    public <T> T value(String key, Function<String, T> parse, T instead) {
        Node node = node(key);
        if (node == null) {
            return instead;
        }
        return parsed(node, key, parse, instead);
    }

    /**
     * A whole number under a key that must be there, decimal or {@code 0x} hexadecimal. One such as 012 is refused: to some it is twelve, and
     * to others ten.
     */
    public int number(String key, int least, int most) {
        return value(
                key,
                text -> {
                    int number;
                    try {
                        number = PLAIN_NUMBER.matcher(text).matches() ? Integer.decode(text) : Integer.MIN_VALUE;
                    } catch (NumberFormatException notANumber) {
                        number = Integer.MIN_VALUE;
                    }
                    if (number < least || number > most) {
                        throw new IllegalArgumentException(key + " must be a whole number " + least + " to " + most
                                + (text.matches("0[0-9]+") ? " without zeros in front" : "") + ", was \"" + text
                                + "\"");
                    }
                    return number;
                },
                least);
    }

    /** The values of a sequence under a key that must be there and not be empty. */
    public <T> List<T> values(String key, Function<String, T> parse) {
        List<T> result = new ArrayList<>();
        for (Node item : items(key, true)) {
            T value = parsed(item, key, parse, null);
            if (value != null) {
                result.add(value);
            }
        }
        return result;
    }

    /** The values of a sequence under a key that may be missing. */
    public <T> List<T> optionalValues(String key, Function<String, T> parse) {
        return nodes.containsKey(key) ? values(key, parse) : List.of();
    }

    /** The mapping under a key that must be there. */
    public Section section(String key) {
        return child(node(key), key);
    }

    /** The mapping under a key that may be missing. */
    public Optional<Section> optionalSection(String key) {
        return nodes.containsKey(key) ? Optional.of(section(key)) : Optional.empty();
    }

    /** The mappings of a sequence under a key that must be there and not be empty. */
    public <T> List<T> sections(String key, Function<Section, T> reader) {
        return readSections(key, reader, true);
    }

    /** The mappings of a sequence under a key that may be missing. */
    public <T> List<T> optionalSections(String key, Function<Section, T> reader) {
        return nodes.containsKey(key) ? readSections(key, reader, false) : List.of();
    }

    private <T> List<T> readSections(String key, Function<Section, T> reader, boolean needed) {
        List<T> result = new ArrayList<>();
        for (Node item : items(key, needed)) {
            Section section = child(item, key);
            int faultsBefore = file.faultCount();
            try {
                result.add(reader.apply(section));
            } catch (IllegalArgumentException wrong) {
                section.leftOff = true;
                // What follows from a fault inside the section would only repeat it in other words.
                if (file.faultCount() == faultsBefore) {
                    section.fault(wrong.getMessage());
                }
            }
        }
        return result;
    }

    /** The keys of this mapping, in the order of the file, for one whose keys are names of something. */
    public List<String> keys() {
        return List.copyOf(nodes.keySet());
    }

    /** Records a fault of this mapping, at the line where it starts. */
    public void fault(String message) {
        file.fault(line, message);
    }

    /** Whether the file has shown a fault so far. */
    public boolean hasFaults() {
        return file.faultCount() > 0;
    }

    void reportUnread() {
        if (leftOff) {
            // Its reader has not come to all of the keys: those are no faults of the file.
            return;
        }
        nodes.forEach((key, node) -> {
            if (!read.contains(key)) {
                file.fault(lineOf(node), "\"" + key + "\" is no key that belongs here");
            }
        });
        children.forEach(Section::reportUnread);
    }

    private Node node(String key) {
        read.add(key);
        Node node = nodes.get(key);
        if (node == null) {
            fault("\"" + key + "\" is missing");
        }
        return node;
    }

    private List<Node> items(String key, boolean needed) {
        Node node = node(key);
        if (node == null) {
            return List.of();
        }
        if (!(node instanceof SequenceNode sequence)
                || needed && sequence.getValue().isEmpty()) {
            file.fault(lineOf(node), key + " must be a list with something in it");
            return List.of();
        }
        return sequence.getValue();
    }

    private Section child(Node node, String key) {
        MappingNode mapping = node instanceof MappingNode given ? given : null;
        if (mapping == null) {
            if (node != null) {
                file.fault(lineOf(node), key + " must be a list of keys and values");
            }
            throw new IllegalArgumentException(key + " cannot be read");
        }
        Section child = new Section(file, mapping);
        children.add(child);
        return child;
    }

    private <T> T parsed(Node node, String key, Function<String, T> parse, T instead) {
        if (!(node instanceof ScalarNode scalar)) {
            file.fault(lineOf(node), key + " must be a single value");
            return instead;
        }
        try {
            return parse.apply(scalar.getValue());
        } catch (IllegalArgumentException wrong) {
            file.fault(lineOf(node), wrong.getMessage());
            return instead;
        }
    }

    private static int lineOf(Node node) {
        return node.getStartMark().getLine() + 1;
    }
}
