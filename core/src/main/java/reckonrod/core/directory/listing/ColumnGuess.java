package reckonrod.core.directory.listing;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.geography.Locator;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.ToneTable;

/** Guesses what the columns of a table mean: by their headings, and where those say nothing, by the values themselves. */
public final class ColumnGuess {
    private static final Map<String, Column> WORDS =
            DataFile.readResource(ColumnGuess.class, "/reckonrod/core/directory/listing/columns.yaml", section -> {
                Map<String, Column> words = new LinkedHashMap<>();
                section.sections("columns", each -> {
                    Column column = each.value("column", Column::valueOf, Column.NOTES);
                    each.values("words", String::strip).forEach(word -> words.put(word, column));
                    return column;
                });
                return words;
            });

    private static final int SAMPLE = 200;
    private static final double SHARE = 0.8;
    private static final Pattern NUMBER = Pattern.compile("[+-]?[0-9]+(?:[.,][0-9]+)?");
    private static final Pattern CALL_SIGN = Pattern.compile("[A-Z0-9]{1,3}[0-9][A-Z0-9]{0,4}[A-Z](?:[/-][A-Z0-9]+)?");
    private static final List<BigDecimal> STEPS_HERTZ = List.of(BigDecimal.valueOf(5_000), BigDecimal.valueOf(6_250));
    private static final Pattern DEGREES = Pattern.compile("[+-]?[0-9]{1,3}[.,][0-9]{3,}");
    private static final Pattern NAME = Pattern.compile("\\p{Lu}[\\p{L}' -]*\\p{Ll}[\\p{L}' -]*");
    private static final Pattern DATE = Pattern.compile("[0-9]{4}-[0-9]{2}-[0-9]{2}");

    private ColumnGuess() {}

    /** What the headings alone say of the columns. */
    public static Mapping ofHeadings(Table table) {
        return new Mapping(byHeadings(table, EnumSet.noneOf(Column.class)));
    }

    private static List<Optional<Column>> byHeadings(Table table, Set<Column> taken) {
        List<Optional<Column>> columns = new ArrayList<>();
        for (String heading : table.headings()) {
            columns.add(byHeading(heading).filter(taken::add));
        }
        return columns;
    }

    /** The most likely mapping of a table. */
    public static Mapping of(Table table) {
        int width = table.headings().size();
        Set<Column> taken = EnumSet.noneOf(Column.class);
        List<Optional<Column>> columns = byHeadings(table, taken);
        for (int i = 0; i < width; i++) {
            if (columns.get(i).isEmpty()) {
                columns.set(i, byValues(values(table, i), taken).filter(taken::add));
            }
        }
        return new Mapping(columns);
    }

    private static Optional<Column> byHeading(String heading) {
        String words = " "
                + heading.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}]+", " ").strip() + " ";
        return WORDS.keySet().stream()
                .filter(each -> words.contains(" " + each + " "))
                .max(java.util.Comparator.comparingInt(String::length))
                .map(WORDS::get);
    }

    private static List<String> values(Table table, int column) {
        return table.rows().stream()
                .limit(SAMPLE)
                .filter(row -> row.cells().size() > column)
                .map(row -> row.cells().get(column).strip())
                .filter(cell -> !cell.isEmpty())
                .toList();
    }

    private static Optional<Column> byValues(List<String> values, Set<Column> taken) {
        if (values.isEmpty()) {
            return Optional.empty();
        }
        if (mostly(values, ColumnGuess::isFrequency)) {
            return free(taken, Column.OUTPUT, Column.INPUT);
        }
        if (mostly(values, ColumnGuess::isTone)) {
            return free(taken, Column.TALK_TONE, Column.LISTEN_TONE);
        }
        if (mostly(values, value -> DATE.matcher(value).matches())) {
            return free(taken, Column.CONFIRMED_ON);
        }
        if (mostly(values, value -> isDegrees(value, 90))) {
            return free(taken, Column.LATITUDE, Column.LONGITUDE);
        }
        if (mostly(values, value -> isDegrees(value, 180))) {
            return free(taken, Column.LONGITUDE);
        }
        if (mostly(values, Locator::isLocator)) {
            return free(taken, Column.POSITION);
        }
        if (mostly(values, value -> CALL_SIGN.matcher(value).matches())) {
            return free(taken, Column.CALL_SIGN);
        }
        if (mostly(values, value -> value.equals("+") || value.equals("-"))) {
            return free(taken, Column.SHIFT);
        }
        // What is in words and differs from row to row is a name; what repeats may be anything.
        if (mostly(values, value -> NAME.matcher(value).matches())
                && values.stream().distinct().count() >= SHARE * values.size()) {
            return free(taken, Column.SITE);
        }
        return Optional.empty();
    }

    private static boolean mostly(List<String> values, Predicate<String> kind) {
        return values.stream().filter(kind).count() >= SHARE * values.size();
    }

    private static Optional<Column> free(Set<Column> taken, Column... wanted) {
        for (Column each : wanted) {
            if (!taken.contains(each)) {
                return Optional.of(each);
            }
        }
        return Optional.empty();
    }

    private static boolean isFrequency(String value) {
        if (!NUMBER.matcher(value).matches() || value.indexOf('.') < 0 && value.indexOf(',') < 0) {
            return false;
        }
        BigDecimal number = new BigDecimal(value.replace(',', '.'));
        return number.scale() >= 3
                && number.signum() > 0
                && isInBand(number.movePointRight(6))
                && isOnSomeRaster(number.movePointRight(6));
    }

    // Latitudes of the north look like the 6 m band, but are no multiples of a step.
    private static boolean isOnSomeRaster(BigDecimal hertz) {
        return STEPS_HERTZ.stream().anyMatch(step -> hertz.remainder(step).signum() == 0);
    }

    private static boolean isInBand(BigDecimal hertz) {
        return BandPlans.shipped().all().stream()
                .flatMap(plan -> plan.bands().stream())
                .map(Band::range)
                .anyMatch(range -> hertz.compareTo(
                                        BigDecimal.valueOf(range.lower().hertz()))
                                >= 0
                        && hertz.compareTo(BigDecimal.valueOf(range.upper().hertz())) <= 0);
    }

    /** Degrees are published with so many decimals that hardly anything else is meant. */
    private static boolean isDegrees(String value, int most) {
        return DEGREES.matcher(value).matches() && Math.abs(Double.parseDouble(value.replace(',', '.'))) <= most;
    }

    private static boolean isTone(String value) {
        try {
            return ToneTable.EXTENDED.contains(CtcssTone.parse(value));
        } catch (IllegalArgumentException noTone) {
            return false;
        }
    }
}
