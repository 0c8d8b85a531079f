package reckonrod.server.imports;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.listing.Column;
import reckonrod.core.listing.Table;
import reckonrod.core.listing.TableReading;
import reckonrod.core.listing.TableRows;

/**
 * What a table looks like, found out once when it is brought. Earlier versions stored neither {@code unknown} nor {@code question}.
 *
 * @param guessed what each column probably means; empty where it is left out
 * @param missing what is missing for rows to become entries; empty if nothing is
 * @param sample the first rows
 * @param rows how many there are
 * @param unknown headings of columns that have cells and that nobody understood
 * @param question which column is received, where nothing settles it; null if that is clear
 */
record TableLook(
        List<String> headings,
        List<String> guessed,
        String missing,
        List<List<String>> sample,
        int rows,
        List<String> unknown,
        SideQuestionView question) {
    private static final int SAMPLE = 5;
    private static final int GUESSED_FROM = 200;

    TableLook {
        unknown = unknown == null ? List.of() : List.copyOf(unknown);
    }

    /** What has no columns to be guessed. */
    static TableLook ofRows(List<String> headings, int rows) {
        return new TableLook(headings, List.of(), "", List.of(), rows, List.of(), null);
    }

    /**
     * Looks through a table to its end.
     *
     * @param plan that its repeaters go by
     * @throws IllegalArgumentException if it is none, or too large; the message says what to do
     */
    static TableLook of(TableRows table, BandPlan plan) {
        List<Table.Row> first = new ArrayList<>();
        int rows = 0;
        while (table.hasNext()) {
            Table.Row row = table.next();
            if (first.size() < GUESSED_FROM) {
                first.add(row);
            }
            if (++rows > Table.MOST_ROWS) {
                throw new IllegalArgumentException(Table.TOO_MANY_ROWS);
            }
        }
        if (rows == 0) {
            throw new IllegalArgumentException(Table.NO_ROWS);
        }
        TableReading reading = TableReading.of(new Table(table.headings(), first), List.of(plan));
        return new TableLook(
                table.headings(),
                reading.mapping().columns().stream()
                        .map(each -> each.map(Column::name).orElse(""))
                        .toList(),
                reading.mapping().missing().orElse(""),
                first.stream().limit(SAMPLE).map(Table.Row::cells).toList(),
                rows,
                reading.unknown().stream().map(TableReading.ReadColumn::heading).toList(),
                reading.question().map(SideQuestionView::of).orElse(null));
    }

    /** Those of the guess, if nobody said better. */
    Optional<String> missingOfGuess() {
        return missing.isEmpty() ? Optional.empty() : Optional.of(missing);
    }
}
