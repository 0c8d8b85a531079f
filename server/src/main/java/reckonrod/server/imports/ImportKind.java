package reckonrod.server.imports;

/** Where the rows of an import come from. */
enum ImportKind {
    SERVICE,
    CSV,
    GEOJSON,
    LINES
}
