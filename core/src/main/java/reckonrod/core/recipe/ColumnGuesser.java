package reckonrod.core.recipe;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import reckonrod.core.channel.Channel;

/** Guesses column by column; what was found once is not looked for again. */
final class ColumnGuesser {
    static final Pattern DECIMAL = Pattern.compile("[+-]?[0-9]{1,10}[.,][0-9]+");

    private final ExampleColumns columns;
    private final List<String> open = new ArrayList<>();

    ColumnGuesser(List<String> headings, List<List<String>> rows) {
        this.columns = new ExampleColumns(headings, rows);
    }

    /** The headings of columns of which nobody knows what they hold. */
    List<String> open() {
        return open;
    }

    List<ExportRecipe.Column> columns() {
        FrequencyGuess.in(columns);
        ToneGuess.in(columns);
        words(
                Map.of(
                        "FM", "FM", "NFM", "NFM", "AM", "AM", "WFM", "FM", "FMN", "NFM", "FM-N", "NFM", "WIDE", "FM",
                        "NARROW", "NFM"),
                WordHolding.Kind.EMISSION);
        words(
                Map.of("HIGH", "high", "MID", "mid", "MEDIUM", "mid", "LOW", "low", "HI", "high", "LO", "low"),
                WordHolding.Kind.POWER);
        scans();
        slots();
        names();
        List<ExportRecipe.Column> all = new ArrayList<>();
        for (int i = 0; i < columns.count(); i++) {
            Holding holding = columns.found().get(i);
            if (holding == null) {
                open.add(columns.heading(i));
                holding = new NothingHolding(columns.constant(i));
            }
            all.add(new ExportRecipe.Column(columns.heading(i), holding));
        }
        return all;
    }

    private void words(Map<String, String> known, WordHolding.Kind kind) {
        for (int i = 0; i < columns.count(); i++) {
            int at = i;
            if (columns.isOpen(i)
                    && columns.all(i, cell -> known.containsKey(cell.toUpperCase(Locale.ROOT)))
                    && !columns.column(i).contains("")) {
                Map<String, String> words = new LinkedHashMap<>();
                columns.column(at).forEach(each -> words.putIfAbsent(known.get(each.toUpperCase(Locale.ROOT)), each));
                columns.hold(i, new WordHolding(kind, words));
                return;
            }
        }
    }

    private void scans() {
        Map<String, Boolean> yes = Map.of(
                "yes", true, "on", true, "1", true, "true", true, "no", false, "off", false, "0", false, "false",
                false);
        for (int i = 0; i < columns.count(); i++) {
            boolean skips = columns.says(i, "skip", "lockout");
            if (columns.isOpen(i)
                    && (skips || columns.says(i, "scan"))
                    && columns.all(i, cell -> yes.containsKey(cell.toLowerCase(Locale.ROOT)))
                    && !columns.column(i).contains("")) {
                Map<String, String> words = new LinkedHashMap<>();
                columns.column(i)
                        .forEach(each -> words.putIfAbsent(
                                yes.get(each.toLowerCase(Locale.ROOT)) != skips ? "yes" : "no", each));
                columns.hold(i, new WordHolding(WordHolding.Kind.SCAN, words));
                return;
            }
        }
    }

    private void slots() {
        for (int i = 0; i < columns.count(); i++) {
            if (columns.isOpen(i) && columns.all(i, cell -> cell.matches("[0-9]{1,4}"))) {
                List<Integer> numbers = columns.column(i).stream()
                        .filter(each -> !each.isEmpty())
                        .map(Integer::valueOf)
                        .toList();
                boolean rising = java.util.stream.IntStream.range(1, numbers.size())
                        .allMatch(at -> numbers.get(at) > numbers.get(at - 1));
                if (rising && numbers.size() == columns.rows()) {
                    columns.hold(i, new CountHolding(true, 0));
                    return;
                }
            }
        }
    }

    /** The name is what a heading says it is, else the column of words that differ most. */
    private void names() {
        int best = -1;
        for (int i = 0; i < columns.count(); i++) {
            if (columns.isOpen(i) && columns.says(i, "name", "label", "title", "station")) {
                best = i;
                break;
            }
        }
        for (int i = 0; best < 0 && i < columns.count(); i++) {
            if (columns.isOpen(i)
                    && columns.all(
                            i, cell -> cell.matches(".*\\p{L}.*") && cell.length() <= Channel.MOST_NAME_CHARACTERS)
                    && new LinkedHashSet<>(columns.column(i)).size() * 2 > columns.rows()) {
                best = i;
            }
        }
        if (best >= 0) {
            int most = 0;
            columns.hold(best, new TextHolding(TextHolding.Kind.NAME, most));
        }
    }
}
