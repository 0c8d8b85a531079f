package reckonrod.core.listing;

import java.util.List;

/** The columns of a table, by their headings and by the values in the first of its rows. */
final class TableLooks {
    private static final int SAMPLE = 200;

    private final List<String> titles;
    private final List<Heading> headings;
    private final List<List<String>> rows;

    TableLooks(Table table) {
        this.titles = table.headings();
        this.headings = table.headings().stream().map(Heading::of).toList();
        this.rows = table.rows().stream().limit(SAMPLE).map(Table.Row::cells).toList();
    }

    int width() {
        return headings.size();
    }

    String title(int column) {
        return titles.get(column).strip();
    }

    Heading heading(int column) {
        return headings.get(column);
    }

    /** Whether a column is named for tones, or for nothing that is known, and says which tones are in use. */
    boolean isOfToneModes(int column) {
        Heading heading = headings.get(column);
        boolean named = heading.is(Heading.Thing.TONE) || heading.is(Heading.Thing.CODE);
        return (named || heading.saysNothing()) && ColumnValues.areToneModes(filled(column));
    }

    /** The values of a column, one for each row; empty where a row is too short. */
    List<String> cells(int column) {
        return rows.stream()
                .map(row -> column < row.size() ? row.get(column).strip() : "")
                .toList();
    }

    /** Those that say something. */
    List<String> filled(int column) {
        return cells(column).stream()
                .filter(cell -> !cell.isEmpty() && !CellReading.isFiller(cell))
                .toList();
    }
}
