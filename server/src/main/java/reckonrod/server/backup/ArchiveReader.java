package reckonrod.server.backup;

import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.springframework.stereotype.Component;
import reckonrod.server.problem.ProblemException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Reads archives. Half of one, or a file of another kind, is told as that. */
@Component
class ArchiveReader {
    private static final int MOST_MANIFEST = 1 << 20;
    private static final int ROWS_AT_A_TIME = 500;
    private static final int CHARACTERS_AT_A_TIME = 1 << 20;
    /** The longest that Reckonrod writes is the document of a list of some ten thousand channels, with about 6 MB. */
    private static final int LONGEST_ROW = 16 << 20;

    private static final long MOST_CHARACTERS = 8L << 30;
    private static final long MOST_ROWS = 50_000_000;
    private static final int MOST_TABLES = 100;

    private final JsonMapper json;

    ArchiveReader(JsonMapper json) {
        this.json = json;
    }

    /** What an archive says of itself; its tables are all there. */
    Manifest manifest(Path file) throws IOException {
        try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
            ZipEntry entry = zip.getEntry(Manifest.ENTRY);
            if (entry == null) {
                throw refused("The zip has no " + Manifest.ENTRY + " in it, so it is no archive of Reckonrod");
            }
            Manifest manifest;
            try (InputStream text = zip.getInputStream(entry)) {
                manifest = json.readValue(text.readNBytes(MOST_MANIFEST), Manifest.class);
            }
            if (!Manifest.KIND.equals(manifest.kind()) || manifest.rows() == null || manifest.schema() == null) {
                throw refused(Manifest.ENTRY + " does not say that it is a " + Manifest.KIND);
            }
            if (manifest.format() != Manifest.FORMAT) {
                throw refused("The archive is of format " + manifest.format() + ", and this program reads "
                        + Manifest.FORMAT + "; take a newer Reckonrod");
            }
            if (!manifest.schema().matches("[1-9][0-9]{0,3}")) {
                throw refused(Manifest.ENTRY + " names the schema \"" + shortened(manifest.schema())
                        + "\", and a schema is a number such as 18");
            }
            if (manifest.rows().size() > MOST_TABLES) {
                throw refused("The archive names " + manifest.rows().size() + " tables, and no Reckonrod has so many");
            }
            for (Map.Entry<String, Long> each : manifest.rows().entrySet()) {
                String table = each.getKey();
                if (each.getValue() == null || each.getValue() < 0 || each.getValue() > MOST_ROWS) {
                    throw refused("The table " + shortened(table) + " cannot have " + each.getValue() + " rows");
                }
                if (!table.matches("[a-z_]{1,60}") || zip.getEntry(Manifest.entryOf(table)) == null) {
                    throw refused("The table " + shortened(table) + " that the archive names is not in it");
                }
            }
            return manifest;
        } catch (ZipException | EOFException | JacksonException broken) {
            throw refused("The file is no whole zip: it is cut off, damaged, or of another kind");
        }
    }

    private static String shortened(String text) {
        return text.length() > 60 ? text.substring(0, 60) + "…" : text;
    }

    /**
     * Hands the rows of a table on, some at a time, as texts of JSON. Reading stops at the first row that is too long or too many, so
     * that a small archive cannot unpack to more than this machine holds.
     *
     * @param most how many rows there should be
     * @return how many there were; one more than {@code most} stands for any more
     */
    long rows(Path file, String table, long most, Consumer<List<String>> rows) throws IOException {
        long count = 0;
        long all = 0;
        try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8);
                LineReader lines = new LineReader(
                        new InputStreamReader(
                                zip.getInputStream(zip.getEntry(Manifest.entryOf(table))), StandardCharsets.UTF_8),
                        LONGEST_ROW)) {
            List<String> some = new ArrayList<>();
            long characters = 0;
            for (String line = lines.next(); line != null; line = lines.next()) {
                if (count == most) {
                    return count + 1;
                }
                all += line.length();
                if (all > MOST_CHARACTERS) {
                    throw refused("The table " + table + " unpacks to more than any Reckonrod holds");
                }
                some.add(line);
                characters += line.length();
                count++;
                if (some.size() == ROWS_AT_A_TIME || characters > CHARACTERS_AT_A_TIME) {
                    rows.accept(some);
                    some.clear();
                    characters = 0;
                }
            }
            if (!some.isEmpty()) {
                rows.accept(some);
            }
        } catch (LineReader.TooLong row) {
            throw refused("A row of " + table + " is longer than any that Reckonrod writes");
        } catch (ZipException | EOFException broken) {
            throw refused("The table " + table + " of the archive is damaged");
        }
        return count;
    }

    static ProblemException refused(String what) {
        return ProblemException.refused(
                "archive-unreadable", "The archive cannot be restored", what + ". Nothing was changed.");
    }
}
