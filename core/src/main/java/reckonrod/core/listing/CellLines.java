package reckonrod.core.listing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A table with one cell a line, as it comes out of a PDF: its headings tell how many cells a row has. */
final class CellLines {
    private static final int LEAST_COLUMNS = 3;
    private static final int MOST_COLUMNS = 12;

    private CellLines() {}

    /** The rows, if there is exactly one number of columns by which every row has its frequency in the same place. */
    static Optional<List<Table.Row>> rows(String text) {
        List<String> cells =
                text.lines().map(String::strip).filter(line -> !line.isEmpty()).toList();
        List<List<Table.Row>> found = new ArrayList<>();
        for (int width = LEAST_COLUMNS; width <= MOST_COLUMNS && width * 2 <= cells.size(); width++) {
            if (cells.size() % width == 0 && isRow(cells, width)) {
                found.add(cut(cells, width));
            }
        }
        return found.size() == 1 ? Optional.of(found.get(0)) : Optional.empty();
    }

    private static boolean isRow(List<String> cells, int width) {
        boolean headings = cells.subList(0, width).stream()
                        .filter(cell -> !Heading.of(cell).saysNothing())
                        .count()
                >= 2;
        if (!headings
                || cells.subList(0, width).stream()
                        .anyMatch(cell -> Pairs.frequency(cell).isPresent())) {
            return false;
        }
        for (int column = 0; column < width; column++) {
            boolean all = true;
            for (int at = width + column; at < cells.size(); at += width) {
                all &= Pairs.frequency(cells.get(at)).isPresent();
            }
            if (all) {
                return true;
            }
        }
        return false;
    }

    private static List<Table.Row> cut(List<String> cells, int width) {
        List<Table.Row> rows = new ArrayList<>();
        for (int at = 0; at < cells.size(); at += width) {
            rows.add(new Table.Row(at + 1, cells.subList(at, at + width)));
        }
        return rows;
    }
}
