package reckonrod.server.imports;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.directory.listing.Column;
import reckonrod.core.directory.listing.ColumnGuess;
import reckonrod.core.directory.listing.Mapping;
import reckonrod.core.directory.listing.Table;
import reckonrod.core.directory.listing.TableRows;

/**
 * What a table looks like, found out once when it is brought.
 *
 * @param guessed what each column probably means; empty where it is left out
 * @param missing what is missing for rows to become entries; empty if nothing is
 * @param sample the first rows
 * @param rows how many there are
 */
record TableLook(List<String> headings, List<String> guessed, String missing, List<List<String>> sample, int rows) {
    private static final int SAMPLE = 5;
    private static final int GUESSED_FROM = 200;

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
        Mapping guess = ColumnGuess.of(new Table(table.headings(), first), List.of(plan));
        return new TableLook(
                table.headings(),
                guess.columns().stream()
                        .map(each -> each.map(Column::name).orElse(""))
                        .toList(),
                guess.missing().orElse(""),
                first.stream().limit(SAMPLE).map(Table.Row::cells).toList(),
                rows);
    }

    /** The headings that speak of a tone or a shift, and for which nothing was guessed. */
    List<String> open() {
        List<Table.Row> first = IntStream.range(0, sample.size())
                .mapToObj(i -> new Table.Row(i + 1, sample.get(i)))
                .toList();
        Mapping mapping = new Mapping(guessed.stream()
                .map(each -> each.isEmpty() ? Optional.<Column>empty() : Optional.of(Column.valueOf(each)))
                .toList());
        return ColumnGuess.open(new Table(headings, first), mapping);
    }

    /** Those of the guess, if nobody said better. */
    Optional<String> missingOfGuess() {
        return missing.isEmpty() ? Optional.empty() : Optional.of(missing);
    }
}
