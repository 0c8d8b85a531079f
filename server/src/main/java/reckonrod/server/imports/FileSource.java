package reckonrod.server.imports;

import java.util.List;
import reckonrod.core.listing.RowReader;
import reckonrod.core.listing.Table;

/** The rows of a table that lies here whole. */
final class FileSource implements RowSource {
    private static final int CHUNK = 1_000;

    private final Table table;
    private final RowReader reader;

    FileSource(Table table, RowReader reader) {
        this.table = table;
        this.reader = reader;
    }

    @Override
    public Chunk from(int row) {
        List<Table.Row> rows = table.rows().subList(row, Math.min(table.rows().size(), row + CHUNK));
        return new Chunk(
                rows.stream()
                        .map(each -> new ReadRow(each.line(), each.cells(), reader.read(each)))
                        .toList(),
                table.rows().size());
    }
}
