package reckonrod.core.listing;

import java.util.List;

/**
 * Headings and rows of cells.
 *
 * @param headings the headings, at least one
 * @param rows the rows below them
 */
public record Table(List<String> headings, List<Row> rows) {
    /** The most rows that are read in one go. */
    public static final int MOST_ROWS = 250_000;

    /**
     * One row.
     *
     * @param line where it begins in its source, from 1
     * @param cells its cells as they stand there, which may be more or fewer than the headings
     */
    public record Row(int line, List<String> cells) {
        public Row {
            cells = List.copyOf(cells);
        }
    }

    public Table {
        headings = List.copyOf(headings);
        rows = List.copyOf(rows);
    }
}
