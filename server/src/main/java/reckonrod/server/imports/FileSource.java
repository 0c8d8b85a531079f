package reckonrod.server.imports;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import reckonrod.core.listing.RowReader;
import reckonrod.core.listing.Table;
import reckonrod.core.listing.TableRows;

/** The rows of a brought table. */
final class FileSource implements RowSource {
    private static final int CHUNK = 1_000;

    private final TableRows rows;
    private final int total;
    private final RowReader reader;
    private int next;

    FileSource(TableRows rows, int total, RowReader reader) {
        this.rows = rows;
        this.total = total;
        this.reader = reader;
    }

    @Override
    public Chunk from(int row) throws BrokenOff {
        try {
            for (; next < row && rows.hasNext(); next++) {
                rows.next();
            }
            List<ReadRow> read = new ArrayList<>();
            for (; read.size() < CHUNK && rows.hasNext(); next++) {
                Table.Row each = rows.next();
                read.add(new ReadRow(each.line(), each.cells(), reader.read(each)));
            }
            return new Chunk(read, total);
        } catch (IllegalArgumentException unreadable) {
            throw new BrokenOff(unreadable.getMessage(), unreadable);
        }
    }

    @Override
    public void close() throws IOException {
        rows.close();
    }
}
