package reckonrod.core.recipe;

import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A recipe that is worked out from an example of the table it is to make. Every column is guessed from what stands in its cells, and
 * from words of its heading where the cells leave it open. What nobody can guess is left empty and told.
 *
 * @param recipe the recipe
 * @param open the headings of columns of which nobody knows what they hold
 * @param rows how many rows the example has
 * @param read how many of them give a channel by the recipe
 * @param fault why the first that does not gives none; empty if all do
 */
public record RecipeGuess(ExportRecipe recipe, List<String> open, int rows, int read, String fault) {
    private static final char[] SEPARATORS = {',', ';', '\t', '|'};

    public RecipeGuess {
        open = List.copyOf(open);
    }

    /**
     * Works out a recipe.
     *
     * @param name what it is to be called
     * @param example the table: headings, and at least one row
     * @throws IllegalArgumentException if no recipe can be made of it, in words
     */
    public static RecipeGuess of(String name, String example) {
        boolean marked = example.startsWith("\uFEFF");
        String text = marked ? example.substring(1) : example;
        char separator = separator(text);
        List<List<String>> all = cells(text, separator);
        if (all.size() < 2) {
            throw new IllegalArgumentException("The example must have a row of headings and at least one row below it");
        }
        List<String> headings = all.get(0);
        if (headings.stream()
                .anyMatch(each -> ColumnGuesser.DECIMAL.matcher(each).matches())) {
            throw new IllegalArgumentException("The first row must be one of headings, and has the number "
                    + headings.stream()
                            .filter(each -> ColumnGuesser.DECIMAL.matcher(each).matches())
                            .findFirst()
                            .orElseThrow());
        }
        List<List<String>> rows = all.subList(1, all.size());
        boolean comma = separator != ','
                && rows.stream()
                                .flatMap(List::stream)
                                .filter(each -> each.matches("[0-9]+,[0-9]+"))
                                .count()
                        > rows.stream()
                                .flatMap(List::stream)
                                .filter(each -> each.matches("[0-9]+\\.[0-9]+"))
                                .count();
        TableForm usual = TableForm.USUAL.separatedBy(separator);
        TableForm form = new TableForm(
                separator,
                comma,
                text.contains("\r\n"),
                usual.encoding(),
                marked,
                text.startsWith("\""),
                true,
                OptionalInt.empty());
        ColumnGuesser guesser = new ColumnGuesser(headings, rows);
        List<ExportRecipe.Column> columns = guesser.columns();
        ExportRecipe recipe = new ExportRecipe(name, form, columns);
        List<RecipeTable.ReadRow> read = new RecipeTable(recipe).read(text);
        return new RecipeGuess(
                recipe,
                guesser.open(),
                read.size(),
                (int) read.stream().filter(each -> each.channel().isPresent()).count(),
                read.stream()
                        .filter(each -> each.channel().isEmpty())
                        .findFirst()
                        .map(each -> "line " + each.line() + ": " + each.fault())
                        .orElse(""));
    }

    /** The one that stands most often between the headings. */
    private static char separator(String text) {
        String first = text.lines().findFirst().orElse("");
        char best = ',';
        for (char each : SEPARATORS) {
            best = count(first, each) > count(first, best) ? each : best;
        }
        if (first.indexOf(best) < 0) {
            throw new IllegalArgumentException(
                    "No columns were found: the cells of a row must be parted by comma, semicolon, tab or bar");
        }
        return best;
    }

    private static long count(String text, char sign) {
        return text.chars().filter(each -> each == sign).count();
    }

    private static List<List<String>> cells(String text, char separator) {
        List<List<String>> rows = new ArrayList<>();
        try (CSVParser parser = CSVParser.builder()
                .setReader(new StringReader(text))
                .setFormat(CSVFormat.RFC4180
                        .builder()
                        .setDelimiter(separator)
                        .setIgnoreEmptyLines(true)
                        .get())
                .get()) {
            for (CSVRecord record : parser) {
                rows.add(record.stream().map(String::strip).toList());
            }
        } catch (IOException | IllegalStateException | java.io.UncheckedIOException broken) {
            throw new IllegalArgumentException("A quotation mark that opens is never closed", broken);
        }
        return rows;
    }
}
