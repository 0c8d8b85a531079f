package reckonrod.server.backup;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
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
    private static final int LONGEST_ROW = 64 << 20;

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
            for (String table : manifest.rows().keySet()) {
                if (!table.matches("[a-z_]{1,60}") || zip.getEntry(Manifest.entryOf(table)) == null) {
                    throw refused("The table " + table + " that the archive names is not in it");
                }
            }
            return manifest;
        } catch (ZipException | JacksonException broken) {
            throw refused("The file is no whole zip: it is cut off, damaged, or of another kind");
        }
    }

    /**
     * Hands the rows of a table on, some at a time, as texts of JSON.
     *
     * @return how many there were
     */
    long rows(Path file, String table, Consumer<List<String>> rows) throws IOException {
        long count = 0;
        try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8);
                BufferedReader lines = new BufferedReader(new InputStreamReader(
                        zip.getInputStream(zip.getEntry(Manifest.entryOf(table))), StandardCharsets.UTF_8))) {
            List<String> some = new ArrayList<>();
            long characters = 0;
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                if (line.length() > LONGEST_ROW) {
                    throw refused("A row of " + table + " is longer than any that Reckonrod writes");
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
        } catch (ZipException broken) {
            throw refused("The table " + table + " of the archive is damaged");
        }
        return count;
    }

    static ProblemException refused(String what) {
        return ProblemException.refused(
                "archive-unreadable", "The archive cannot be restored", what + ". Nothing was changed.");
    }
}
