package reckonrod.core.listing;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The longest list of objects in a JSON text (RFC 8259) as a table: a row for each object, its members as cells. */
final class JsonTable {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int DEEPEST = 6;

    private JsonTable() {}

    static Optional<List<Table.Row>> rows(String text) {
        String start = text.stripLeading();
        if (!start.startsWith("{") && !start.startsWith("[")) {
            return Optional.empty();
        }
        try {
            return longest(JSON.readTree(text), 0).flatMap(JsonTable::table);
        } catch (JacksonException noJson) {
            return Optional.empty();
        }
    }

    private static Optional<JsonNode> longest(JsonNode node, int depth) {
        Optional<JsonNode> found = Optional.empty();
        if (node.isArray() && !node.isEmpty() && node.get(0).isObject()) {
            found = Optional.of(node);
        } else if (node.isObject() && depth < DEEPEST) {
            for (Map.Entry<String, JsonNode> member : node.properties()) {
                Optional<JsonNode> inside = longest(member.getValue(), depth + 1);
                if (inside.isPresent()
                        && (found.isEmpty() || inside.get().size() > found.get().size())) {
                    found = inside;
                }
            }
        }
        return found;
    }

    private static Optional<List<Table.Row>> table(JsonNode list) {
        Set<List<String>> paths = new LinkedHashSet<>();
        list.forEach(each -> addPaths(each, List.of(), paths));
        if (paths.size() > Table.MOST_COLUMNS) {
            return Optional.empty();
        }
        List<Table.Row> rows = new ArrayList<>();
        rows.add(new Table.Row(
                1, paths.stream().map(path -> String.join(" ", path)).toList()));
        list.forEach(each -> rows.add(new Table.Row(
                rows.size() + 1, paths.stream().map(path -> cell(each, path)).toList())));
        return Optional.of(rows);
    }

    /** Members of objects within a row are columns of their own: output and mhz in it. */
    private static void addPaths(JsonNode object, List<String> before, Set<List<String>> paths) {
        object.properties().forEach(member -> {
            List<String> path = new ArrayList<>(before);
            path.add(member.getKey());
            if (member.getValue().isObject() && path.size() < DEEPEST) {
                addPaths(member.getValue(), path, paths);
            } else {
                paths.add(path);
            }
        });
    }

    private static String cell(JsonNode object, List<String> path) {
        JsonNode value = object;
        for (String part : path) {
            value = value.path(part);
        }
        return value.isNull() || value.isMissingNode() ? "" : value.isValueNode() ? value.asString() : value.toString();
    }
}
