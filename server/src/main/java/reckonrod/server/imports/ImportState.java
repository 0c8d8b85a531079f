package reckonrod.server.imports;

/** How an import stands. */
enum ImportState {
    /** The meaning of its columns is to be said. */
    MAPPING,
    /** Its rows are being read. */
    READING,
    /** Reading broke off; it goes on from there when it is told to. */
    BROKEN_OFF,
    /** Everything is read; the person decides. */
    READ,
    /** It is in the directory. */
    TAKEN,
    /** It was taken, and taken back. */
    TAKEN_BACK,
    /** The person gave it up. */
    GIVEN_UP
}
