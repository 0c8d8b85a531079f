package reckonrod.core.listing;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** Reads CSV whose separator is found out from the text itself. */
public final class CsvTable {
    private static final char[] SEPARATORS = {',', ';', '\t', '|'};
    private static final int SAMPLE_ROWS = 40;

    private CsvTable() {}

    /**
     * Reads a table.
     *
     * @throws IllegalArgumentException if there is no table in the text; the message says what to do
     */
    public static Table parse(String text) {
        char separator = separator(text);
        List<Table.Row> rows = new ArrayList<>();
        List<String> headings = null;
        try (CSVParser parser = parser(text, separator)) {
            LineCount lines = new LineCount(text);
            for (CSVRecord record : parser) {
                if (headings == null) {
                    headings = record.toList();
                } else {
                    rows.add(new Table.Row(lines.lineAt((int) record.getCharacterPosition()), record.toList()));
                }
                if (rows.size() > Table.MOST_ROWS) {
                    throw new IllegalArgumentException("The file must have at most " + Table.MOST_ROWS
                            + " rows, has more. Cut it into parts and bring them one by one");
                }
            }
        } catch (UncheckedIOException | IOException broken) {
            throw new IllegalArgumentException(quoteFault(broken.getMessage()), broken);
        }
        if (headings == null || rows.isEmpty()) {
            throw new IllegalArgumentException("The file must have a line of headings and rows below it, has "
                    + (headings == null ? "neither" : "the headings alone"));
        }
        return new Table(headings, rows);
    }

    /** Counts lines as an editor does; the parser itself counts neither empty lines nor those within quotation marks alike. */
    private static final class LineCount {
        private final String text;
        private int position;
        private int line = 1;

        LineCount(String text) {
            this.text = text;
        }

        /** The line of the first sign that is no line break, from there on; positions must rise. */
        int lineAt(int begin) {
            int end = begin;
            while (end < text.length() && (text.charAt(end) == '\n' || text.charAt(end) == '\r')) {
                end++;
            }
            for (; position < end; position++) {
                if (text.charAt(position) == '\n') {
                    line++;
                }
            }
            return line;
        }
    }

    private static String quoteFault(String library) {
        java.util.regex.Matcher line =
                java.util.regex.Pattern.compile("line[: ]+(\\d+)").matcher(String.valueOf(library));
        return "A quotation mark that opens"
                + (line.find() ? " in or before line " + line.group(1) : "")
                + " is never closed, so that the rows behind it run together. Close it, then bring the file again";
    }

    private static CSVParser parser(String text, char separator) throws IOException {
        return CSVParser.builder()
                .setReader(new StringReader(text))
                .setFormat(CSVFormat.DEFAULT
                        .builder()
                        .setDelimiter(separator)
                        .setIgnoreEmptyLines(true)
                        .setIgnoreSurroundingSpaces(true)
                        .setTrailingData(true)
                        .get())
                .get();
    }

    /** The separator that cuts the first rows into the same number of cells, as many as possible. */
    private static char separator(String text) {
        char best = 0;
        double bestScore = 0;
        for (char each : SEPARATORS) {
            double score = score(text, each);
            if (score > bestScore) {
                best = each;
                bestScore = score;
            }
        }
        if (best == 0) {
            throw new IllegalArgumentException(
                    "No columns were found: the cells of a row must be parted by comma, semicolon, tab or bar."
                            + " Lines such as SKARRA 145.310- 71.9 can be pasted as lines instead");
        }
        return best;
    }

    private static double score(String text, char separator) {
        Map<Integer, Integer> widths = new TreeMap<>();
        int rows = 0;
        try (CSVParser parser = parser(text, separator)) {
            for (CSVRecord record : parser) {
                widths.merge(record.size(), 1, Integer::sum);
                if (++rows == SAMPLE_ROWS) {
                    break;
                }
            }
        } catch (UncheckedIOException | IOException broken) {
            // The fault is told when the table itself is read; what was seen until then is enough to judge by.
            rows = Math.max(rows, 1);
        }
        return widths.entrySet().stream()
                .filter(each -> each.getKey() > 1)
                .mapToDouble(each -> each.getValue() * (1 + each.getKey() / 100.0))
                .max()
                .orElse(0);
    }
}
