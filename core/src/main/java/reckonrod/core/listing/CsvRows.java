package reckonrod.core.listing;

import java.io.BufferedReader;
import java.io.FilterReader;
import java.io.IOException;
import java.io.Reader;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** Rows of CSV, whose separator is found out from the first of them. */
public final class CsvRows implements TableRows {
    private static final char[] SEPARATORS = {',', ';', '\t', '|'};
    private static final int SAMPLE_ROWS = 40;
    private static final int SAMPLE_CHARACTERS = 1 << 16;
    private static final int LONGEST_ROW = 1 << 18;

    private final CSVParser parser;
    private final LineCount lines;
    private final Iterator<CSVRecord> records;
    private final List<String> headings;

    /**
     * Reads the headings.
     *
     * @param text closed with these rows
     * @throws IllegalArgumentException if there is no table in the text; the message says what to do
     */
    public CsvRows(Reader text) throws IOException {
        BufferedReader buffered = new BufferedReader(text, SAMPLE_CHARACTERS);
        char separator = separator(head(buffered));
        lines = new LineCount(buffered);
        parser = parser(lines, separator);
        records = parser.iterator();
        if (!hasNext()) {
            throw new IllegalArgumentException("The file must have a line of headings and rows below it, has neither");
        }
        headings = nextRecord().stream().map(CsvWriter::asItWas).toList();
    }

    @Override
    public List<String> headings() {
        return headings;
    }

    @Override
    public boolean hasNext() {
        try {
            return records.hasNext();
        } catch (UncheckedIOException | IllegalStateException broken) {
            throw new IllegalArgumentException(quoteFault(broken.getMessage()), broken);
        }
    }

    @Override
    public Table.Row next() {
        CSVRecord record = nextRecord();
        return new Table.Row(
                lines.lineAt(record.getCharacterPosition()),
                record.stream().map(CsvWriter::asItWas).toList());
    }

    private CSVRecord nextRecord() {
        if (!hasNext()) {
            throw new NoSuchElementException();
        }
        return records.next();
    }

    @Override
    public void close() throws IOException {
        parser.close();
    }

    private static String head(BufferedReader text) throws IOException {
        text.mark(SAMPLE_CHARACTERS);
        char[] head = new char[SAMPLE_CHARACTERS];
        int length = 0;
        for (int read; length < head.length && (read = text.read(head, length, head.length - length)) > 0; ) {
            length += read;
        }
        text.reset();
        String sample = new String(head, 0, length);
        // The last row of a longer file is cut off anywhere.
        int end = length == head.length ? sample.lastIndexOf('\n') : -1;
        return end > 0 ? sample.substring(0, end) : sample;
    }

    /**
     * Counts lines as an editor does; the parser itself counts neither empty lines nor those within quotation marks alike.
     * It holds what was read and not asked about yet.
     */
    private static final class LineCount extends FilterReader {
        private final StringBuilder ahead = new StringBuilder();
        private long position;
        private int line = 1;

        LineCount(Reader text) {
            super(text);
        }

        @Override
        public int read() throws IOException {
            int next = super.read();
            if (next >= 0) {
                ahead.append((char) next);
            }
            return next;
        }

        @Override
        public int read(char[] into, int offset, int length) throws IOException {
            if (ahead.length() > LONGEST_ROW) {
                throw new IOException("A row has more than " + LONGEST_ROW + " signs, line " + line);
            }
            int count = super.read(into, offset, length);
            if (count > 0) {
                ahead.append(into, offset, count);
            }
            return count;
        }

        /** The line of the first sign that is no line break, from there on; positions must rise. */
        int lineAt(long begin) {
            int end = (int) (begin - position);
            while (end < ahead.length() && (ahead.charAt(end) == '\n' || ahead.charAt(end) == '\r')) {
                end++;
            }
            for (int i = 0; i < end; i++) {
                line += ahead.charAt(i) == '\n' ? 1 : 0;
            }
            ahead.delete(0, end);
            position += end;
            return line;
        }
    }

    private static String quoteFault(String library) {
        Matcher line = Pattern.compile("line[: ]+(\\d+)").matcher(String.valueOf(library));
        return "A quotation mark that opens"
                + (line.find() ? " in or before line " + line.group(1) : "")
                + " is never closed, so that the rows behind it run together. Close it, then bring the file again";
    }

    private static CSVParser parser(Reader text, char separator) throws IOException {
        return CSVParser.builder()
                .setReader(text)
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
        try (CSVParser parser = parser(new StringReader(text), separator)) {
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
