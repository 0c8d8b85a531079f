package reckonrod.core.listing;

import java.util.List;
import java.util.Optional;

/**
 * Headings and rows of cells.
 *
 * @param headings the headings, at least one
 * @param rows the rows below them
 */
public record Table(List<String> headings, List<Row> rows) {
    /** The most rows that are read in one go. */
    public static final int MOST_ROWS = 250_000;

    /** The most columns that are read. */
    public static final int MOST_COLUMNS = 200;

    /** Says that there are more. */
    public static final String TOO_MANY_ROWS =
            "The file must have at most " + MOST_ROWS + " rows, has more. Cut it into parts and bring them one by one";

    /** Says that there are none. */
    public static final String NO_ROWS =
            "The file must have a line of headings and rows below it, has the headings alone";

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

        /** What is wrong with a row of another width: every cell behind a missing or an added one belongs to another heading. */
        public Optional<String> otherWidth(int headings) {
            return cells.size() == headings
                    ? Optional.empty()
                    : Optional.of("The row has " + cells.size() + " cells, the headings have " + headings);
        }
    }

    public Table {
        headings = List.copyOf(headings);
        rows = List.copyOf(rows);
    }
}
