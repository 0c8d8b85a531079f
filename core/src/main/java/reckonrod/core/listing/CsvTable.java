package reckonrod.core.listing;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;

/** Reads CSV that is small enough to be held as a whole. */
public final class CsvTable {
    private CsvTable() {}

    /**
     * Reads a table.
     *
     * @throws IllegalArgumentException if there is no table in the text; the message says what to do
     */
    public static Table parse(String text) {
        try (CsvRows source = new CsvRows(new StringReader(text))) {
            List<Table.Row> rows = new ArrayList<>();
            while (source.hasNext()) {
                rows.add(source.next());
                if (rows.size() > Table.MOST_ROWS) {
                    throw new IllegalArgumentException(Table.TOO_MANY_ROWS);
                }
            }
            if (rows.isEmpty()) {
                throw new IllegalArgumentException(Table.NO_ROWS);
            }
            return new Table(source.headings(), rows);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }
}
