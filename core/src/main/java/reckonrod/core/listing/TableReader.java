package reckonrod.core.listing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Finds the table in a text that somebody copied from anywhere: separated values, a web page, JSON, Markdown, columns held apart by
 * blanks, or one cell a line, as a PDF gives it. What stands above, between and below its rows is set aside and reported.
 *
 * @param table the headings and the rows
 * @param setAside what is no row: titles, units, headings of sections
 */
public record TableReader(Table table, List<Table.Row> setAside) {
    /** Longer texts are tables with separators, if they are any. */
    private static final int MOST_CHARACTERS = 2_000_000;

    private static final int LEAST_COLUMNS = 3;
    private static final int LAST_HEADING_ROW = 8;
    private static final double SHARE = 0.6;
    private static final Pattern DIGIT = Pattern.compile("[0-9]");
    private static final Pattern FIGURE = Pattern.compile("[0-9][.,][0-9]|^[+-]?[0-9]+$");
    private static final Pattern RULE = Pattern.compile("[\\s:|+=_-]*");
    private static final Set<String> UNITS = Set.of(
            "mhz",
            "khz",
            "hz",
            "m",
            "km",
            "mi",
            "ft",
            "w",
            "db",
            "dbm",
            "deg",
            "\u00b0",
            "m asl",
            "watts",
            "miles",
            "feet",
            "yyyy-mm-dd",
            "+/-",
            "n",
            "e",
            "s");

    public TableReader {
        setAside = List.copyOf(setAside);
    }

    /** The table of a text; absent if it is none, or has no headings. */
    public static Optional<TableReader> find(String text) {
        if (text.length() > MOST_CHARACTERS) {
            return separated(text).flatMap(TableReader::tidy);
        }
        for (Function<String, Optional<List<Table.Row>>> form : List.<Function<String, Optional<List<Table.Row>>>>of(
                HtmlTable::rows, JsonTable::rows, TableReader::separated, AlignedTable::rows, CellLines::rows)) {
            Optional<TableReader> table = form.apply(text).flatMap(TableReader::tidy);
            if (table.isPresent()) {
                return table;
            }
        }
        return Optional.empty();
    }

    private static Optional<List<Table.Row>> separated(String text) {
        try {
            Table table = CsvTable.parse(text);
            return Optional.of(Stream.concat(Stream.of(new Table.Row(1, table.headings())), table.rows().stream())
                    .map(TableReader::unframed)
                    .toList());
        } catch (IllegalArgumentException noTable) {
            return Optional.empty();
        }
    }

    /** A row drawn with bars has one at both ends. */
    private static Table.Row unframed(Table.Row row) {
        List<String> cells = row.cells();
        boolean framed = cells.size() > 2
                && cells.get(0).isBlank()
                && cells.get(cells.size() - 1).isBlank();
        return framed ? new Table.Row(row.line(), cells.subList(1, cells.size() - 1)) : row;
    }

    private static Optional<TableReader> tidy(List<Table.Row> rows) {
        int heading = headingRow(rows);
        if (heading < 0) {
            return Optional.empty();
        }
        List<Table.Row> setAside = new ArrayList<>(rows.subList(0, heading));
        List<String> headings = new ArrayList<>(rows.get(heading).cells());
        List<Table.Row> kept = new ArrayList<>();
        for (int i = heading + 1; i < rows.size(); i++) {
            Table.Row row = rows.get(i);
            if (kept.isEmpty() && isOfUnits(row)) {
                addUnits(headings, row);
                setAside.add(row);
            } else if (row.cells().stream().allMatch(cell -> RULE.matcher(cell).matches())
                    || row.cells().equals(rows.get(heading).cells())
                    || isSection(row)) {
                setAside.add(row);
            } else {
                kept.add(row);
            }
        }
        return isTable(headings, kept)
                ? Optional.of(new TableReader(new Table(headings, kept), setAside))
                : Optional.empty();
    }

    /** The first row of headings: it has no figures, and words that are understood or as many cells as the rows below. */
    private static int headingRow(List<Table.Row> rows) {
        int fallback = -1;
        for (int i = 0; i < Math.min(rows.size(), LAST_HEADING_ROW); i++) {
            List<String> cells = rows.get(i).cells();
            long filled = cells.stream().filter(cell -> !cell.isBlank()).count();
            boolean figures = cells.stream().anyMatch(TableReader::isFigure);
            if (figures || filled < LEAST_COLUMNS) {
                continue;
            }
            long understood = cells.stream()
                    .map(Heading::of)
                    .filter(each -> !each.saysNothing())
                    .count();
            if (understood >= 2) {
                return i;
            }
            if (fallback < 0 && i == 0 && filled == cells.size()) {
                fallback = i;
            }
        }
        return fallback;
    }

    private static boolean isFigure(String cell) {
        return FIGURE.matcher(cell.strip()).find() || Pairs.frequency(cell).isPresent();
    }

    private static boolean isOfUnits(Table.Row row) {
        List<String> filled = row.cells().stream()
                .map(cell -> cell.strip().toLowerCase(Locale.ROOT).replaceAll("[()\\[\\]]", ""))
                .filter(cell -> !cell.isEmpty())
                .toList();
        return filled.size() > 1 && UNITS.containsAll(filled);
    }

    private static void addUnits(List<String> headings, Table.Row units) {
        for (int i = 0; i < Math.min(headings.size(), units.cells().size()); i++) {
            String unit = units.cells().get(i).strip();
            if (!unit.isEmpty()) {
                headings.set(i, headings.get(i) + " (" + unit.replaceAll("[()]", "") + ")");
            }
        }
    }

    /** A row of one cell, such as the name of a county over its repeaters. */
    private static boolean isSection(Table.Row row) {
        List<String> filled =
                row.cells().stream().filter(cell -> !cell.isBlank()).toList();
        return filled.stream().distinct().count() == 1
                && !DIGIT.matcher(filled.get(0)).find();
    }

    private static boolean isTable(List<String> headings, List<Table.Row> rows) {
        if (headings.size() < LEAST_COLUMNS || rows.isEmpty()) {
            return false;
        }
        long understood = headings.stream()
                .map(Heading::of)
                .filter(each -> !each.saysNothing())
                .count();
        // Under headings that are understood, a row of another width is refused; read by itself it could mean anything.
        if (understood >= LEAST_COLUMNS && isOfRows(rows, LEAST_COLUMNS, Integer.MAX_VALUE)) {
            return rows.stream()
                    .flatMap(row -> row.cells().stream())
                    .anyMatch(cell -> Pairs.frequency(cell).isPresent());
        }
        return isOfRows(rows, headings.size(), headings.size())
                && IntStream.range(0, headings.size()).anyMatch(i -> isOfFrequencies(rows, i));
    }

    private static boolean isOfRows(List<Table.Row> rows, int least, int most) {
        return rows.stream()
                        .filter(row ->
                                row.cells().size() >= least && row.cells().size() <= most)
                        .count()
                >= SHARE * rows.size();
    }

    private static boolean isOfFrequencies(List<Table.Row> rows, int column) {
        return rows.stream()
                        .filter(row -> column < row.cells().size()
                                && Pairs.frequency(row.cells().get(column)).isPresent())
                        .count()
                >= SHARE * rows.size();
    }
}
