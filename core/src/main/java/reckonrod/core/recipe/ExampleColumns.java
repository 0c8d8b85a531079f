package reckonrod.core.recipe;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;

/** The columns of an example, and what has been found of them so far; what was found once is not looked for again. */
final class ExampleColumns {
    static final Pattern NUMBER = Pattern.compile("[+-]?[0-9]+([.,][0-9]+)?");

    private final List<String> headings;
    private final List<List<String>> rows;
    private final Map<Integer, Holding> found = new LinkedHashMap<>();

    ExampleColumns(List<String> headings, List<List<String>> rows) {
        this.headings = headings;
        this.rows = rows;
    }

    int count() {
        return headings.size();
    }

    int rows() {
        return rows.size();
    }

    String heading(int i) {
        return headings.get(i);
    }

    /** What the columns are known to hold, by their place. */
    Map<Integer, Holding> found() {
        return found;
    }

    boolean isOpen(int i) {
        return !found.containsKey(i);
    }

    void hold(int i, Holding holding) {
        found.put(i, holding);
    }

    List<String> column(int i) {
        return rows.stream().map(row -> i < row.size() ? row.get(i) : "").toList();
    }

    boolean says(int i, String... words) {
        String heading = headings.get(i).toLowerCase(Locale.ROOT);
        for (String word : words) {
            if (Pattern.compile("(^|[^a-z])" + word + "($|[^a-z])")
                    .matcher(heading)
                    .find()) {
                return true;
            }
        }
        return false;
    }

    /** Whether every cell that says something is of a kind, and some do. */
    boolean all(int i, Predicate<String> what) {
        List<String> filled = column(i).stream().filter(each -> !each.isEmpty()).toList();
        return !filled.isEmpty() && filled.stream().allMatch(what);
    }

    /** What stands in all rows; nothing if they differ. */
    String constant(int i) {
        Set<String> values = new LinkedHashSet<>(column(i));
        return values.size() == 1 ? values.iterator().next() : "";
    }

    /** As many decimals as all its numbers have; absent if they differ. */
    OptionalInt decimals(int i) {
        Set<Integer> seen = new LinkedHashSet<>();
        column(i).stream().filter(each -> NUMBER.matcher(each).matches()).forEach(each -> {
            int mark = Math.max(each.indexOf('.'), each.indexOf(','));
            seen.add(mark < 0 ? 0 : each.length() - mark - 1);
        });
        int only = seen.size() == 1 ? seen.iterator().next() : 9;
        return only <= 6 ? OptionalInt.of(only) : OptionalInt.empty();
    }

    /** Whether every cell of a column is one of the words, empty ones too, and some say something. */
    boolean isWords(int i, Map<String, String> known) {
        return column(i).stream().allMatch(each -> known.containsKey(each.toLowerCase(Locale.ROOT)))
                && column(i).stream().anyMatch(each -> !each.isEmpty());
    }

    /** The words that stand there, by what they mean. */
    Map<String, String> chosen(int i, Map<String, String> known) {
        Map<String, String> words = new LinkedHashMap<>();
        column(i).forEach(each -> words.putIfAbsent(known.get(each.toLowerCase(Locale.ROOT)), each));
        return words;
    }
}
