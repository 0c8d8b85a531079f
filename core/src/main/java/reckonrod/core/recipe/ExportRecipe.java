package reckonrod.core.recipe;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import reckonrod.core.datafile.DataFile;

/**
 * How a list becomes a table of a certain form, and such a table channels again.
 *
 * @param name what the recipe is called, 1 to 60 characters
 * @param form how the table is put into a file
 * @param columns its columns in order, 1 to 80; no two of one heading
 */
public record ExportRecipe(String name, TableForm form, List<Column> columns) {
    /** The most columns that a table can have. */
    public static final int MOST_COLUMNS = 80;

    private static final List<String> SHIPPED = List.of("pairs", "shifts");

    /**
     * A column.
     *
     * @param heading what stands above it
     * @param holding what its cells hold
     */
    record Column(String heading, Holding holding) {}

    public ExportRecipe {
        columns = List.copyOf(columns);
        if (name.isBlank() || name.length() > 60) {
            throw new IllegalArgumentException("name must be 1 to 60 characters, was \"" + name + "\"");
        }
        if (columns.isEmpty() || columns.size() > MOST_COLUMNS) {
            throw new IllegalArgumentException("columns must be 1 to " + MOST_COLUMNS + ", were " + columns.size());
        }
        Set<String> headings = new HashSet<>();
        for (Column each : columns) {
            if (form.headings() && !headings.add(each.heading.strip().toLowerCase(Locale.ROOT))) {
                throw new IllegalArgumentException(
                        "headings must differ, \"" + each.heading + "\" stands above two columns");
            }
        }
        if (columns.stream().noneMatch(each -> each.holding instanceof FrequencyHolding it && !it.talk())) {
            throw new IllegalArgumentException(
                    "a column must hold listen: without that frequency a row says nothing of a channel");
        }
    }

    /** The texts of the recipes that ship, by their ids. */
    public static Map<String, String> shippedTexts() {
        Map<String, String> texts = new LinkedHashMap<>();
        SHIPPED.forEach(id ->
                texts.put(id, DataFile.resourceText(ExportRecipe.class, "/reckonrod/core/recipe/" + id + ".yaml")));
        return texts;
    }

    /**
     * Reads a recipe.
     *
     * @param file its name, for messages
     * @throws reckonrod.core.datafile.DataFileException with every fault and its line
     */
    public static ExportRecipe read(String file, String yaml) {
        return RecipeReader.read(file, yaml);
    }

    /** The headings of its columns. */
    public List<String> headings() {
        return columns.stream().map(Column::heading).toList();
    }

    /** The text of its file, which reads back as the same. */
    public String toYaml() {
        String separator = switch (form.separator()) {
            case ',' -> "comma";
            case ';' -> "semicolon";
            case '\t' -> "tab";
            default -> "bar";
        };
        return "name: " + RecipeText.quoted(name) + "\n"
                + "separator: " + separator + "\n"
                + "decimal_mark: " + (form.decimalComma() ? "comma" : "point") + "\n"
                + "line_end: " + (form.windowsLines() ? "crlf" : "lf") + "\n"
                + "encoding: " + form.encoding().name().toLowerCase(Locale.ROOT) + (form.mark() ? " with mark" : "")
                + "\n"
                + "quotes: " + (form.allQuoted() ? "always" : "as needed") + "\n"
                + "headings: " + (form.headings() ? "yes" : "no") + "\n"
                + (form.mostRows().isPresent() ? "most_rows: " + form.mostRows().getAsInt() + "\n" : "")
                + "columns:\n"
                + columns.stream()
                        .map(each -> "  - { heading: " + RecipeText.quoted(each.heading) + ", " + each.holding.asYaml()
                                + " }\n")
                        .collect(Collectors.joining());
    }
}
