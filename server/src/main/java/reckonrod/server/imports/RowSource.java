package reckonrod.server.imports;

import java.util.List;
import reckonrod.core.listing.RowReading;

/** Where the rows of an import come from, from any row on. */
interface RowSource extends AutoCloseable {
    /**
     * Some rows.
     *
     * @param total how many there are in all, as far as is known now
     */
    record Chunk(List<ReadRow> rows, int total) {}

    /**
     * A row that was read.
     *
     * @param line where it stands in its source, from 1
     * @param cells its cells as they stand there
     */
    record ReadRow(int line, List<String> cells, RowReading reading) {}

    /** Reading broke off; the message says why, for the person. */
    class BrokenOff extends Exception {
        BrokenOff(String message, Throwable cause) {
            super(message, cause);
        }
    }

    /** Some rows from that one on, from 0; none when there are no more. A file is only ever read onwards. */
    Chunk from(int row) throws BrokenOff;

    @Override
    default void close() throws java.io.IOException {}
}
