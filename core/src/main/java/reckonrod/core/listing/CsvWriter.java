package reckonrod.core.listing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Writes rows as CSV (RFC 4180). */
public final class CsvWriter {
    private CsvWriter() {}

    /** The text of some rows, headings first. */
    public static String write(List<List<String>> rows) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            for (List<String> row : rows) {
                printer.printRecord(row);
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    /** A cell that no spreadsheet takes for a formula. */
    public static String harmless(String cell) {
        return !cell.isEmpty() && "=+-@\t\r".indexOf(cell.charAt(0)) >= 0 ? "'" + cell : cell;
    }
}
