package reckonrod.server.backup;

import java.time.Instant;
import java.util.Map;

/**
 * What an archive says of itself.
 *
 * @param kind always {@link #KIND}
 * @param format of the archive; this program reads {@link #FORMAT}
 * @param schema the version of the database that the tables are of
 * @param program the version of the program that made it
 * @param rows how many rows each table has, by its name
 */
record Manifest(String kind, int format, String schema, String program, Instant madeAt, Map<String, Long> rows) {
    static final String KIND = "reckonrod archive";
    static final int FORMAT = 1;
    static final String ENTRY = "reckonrod.json";

    static String entryOf(String table) {
        return "tables/" + table + ".jsonl";
    }
}
