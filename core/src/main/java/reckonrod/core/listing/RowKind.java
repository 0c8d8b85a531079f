package reckonrod.core.listing;

/** What a row would do to the directory. */
public enum RowKind {
    /** A repeater that the directory does not have. */
    NEW,
    /** One that it has otherwise. */
    CHANGED,
    /** One that it has just so. */
    SAME,
    /** No entry at all. */
    BAD
}
