package reckonrod.core.listing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Writes rows as CSV (RFC 4180). */
public final class CsvWriter {
    private static final Pattern NUMBER = Pattern.compile("[+-]?[0-9]+(?:[.,][0-9]+)?|[+-]");

    private CsvWriter() {}

    /** The text of some rows, headings first. */
    public static String write(List<List<String>> rows) {
        return write(rows, CSVFormat.RFC4180);
    }

    /** The same with tabs between the cells, as spreadsheets give and take them over the clipboard. */
    public static String tabbed(List<List<String>> rows) {
        return write(rows, CSVFormat.RFC4180.builder().setDelimiter('\t').get());
    }

    private static String write(List<List<String>> rows, CSVFormat format) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, format)) {
            for (List<String> row : rows) {
                printer.printRecord(row);
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    /** A cell that no spreadsheet takes for a formula; {@link #asItWas} undoes it. */
    public static String harmless(String cell) {
        return mayBeFormula(cell, 0) && !NUMBER.matcher(cell).matches() || isGuarded(cell) ? "'" + cell : cell;
    }

    /** A cell as it was before it was made harmless, here or by a spreadsheet. */
    public static String asItWas(String cell) {
        return isGuarded(cell) ? cell.substring(1) : cell;
    }

    private static boolean isGuarded(String cell) {
        int quotes = 0;
        while (quotes < cell.length() && cell.charAt(quotes) == '\'') {
            quotes++;
        }
        return quotes > 0 && mayBeFormula(cell, quotes);
    }

    private static boolean mayBeFormula(String cell, int at) {
        return at < cell.length() && "=+-@\t\r".indexOf(cell.charAt(at)) >= 0;
    }
}
