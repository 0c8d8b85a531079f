package reckonrod.server.imports;

/** Where the rows of an import come from. */
enum ImportKind {
    SERVICE,
    CSV,
    GEOJSON,
    LINES;

    /** Whether it is a table whose columns mean something. */
    boolean hasColumns() {
        return this == CSV || this == GEOJSON;
    }
}
