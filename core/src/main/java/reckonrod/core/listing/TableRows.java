package reckonrod.core.listing;

import java.io.Closeable;
import java.util.Iterator;
import java.util.List;

/**
 * A table that is read row by row, so that a large one is never in memory as a whole. What is wrong in it is told by an
 * {@link IllegalArgumentException} of the iterator, when it comes there; the message says what to do.
 */
public interface TableRows extends Iterator<Table.Row>, Closeable {
    /** The headings, at least one. */
    List<String> headings();
}
