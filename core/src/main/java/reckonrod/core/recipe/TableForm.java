package reckonrod.core.recipe;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.OptionalInt;

/**
 * How a table is put into a file.
 *
 * @param separator stands between cells
 * @param decimalComma whether a comma stands before decimals, else a point
 * @param windowsLines whether lines end with carriage return and line feed, else with line feed alone
 * @param encoding the characters of the file
 * @param mark whether a byte order mark stands in front
 * @param allQuoted whether every cell stands in quotation marks, else only those that need them
 * @param headings whether the first row is one of headings
 * @param mostRows the most rows below the headings, 1 or more; absent for no limit
 */
public record TableForm(
        char separator,
        boolean decimalComma,
        boolean windowsLines,
        Charset encoding,
        boolean mark,
        boolean allQuoted,
        boolean headings,
        OptionalInt mostRows) {
    /** Comma-separated values as RFC 4180 has them, in UTF-8. */
    public static final TableForm USUAL =
            new TableForm(',', false, true, StandardCharsets.UTF_8, false, false, true, OptionalInt.empty());

    /** The same with another separator. */
    TableForm separatedBy(char next) {
        return new TableForm(next, decimalComma, windowsLines, encoding, mark, allQuoted, headings, mostRows);
    }

    String lineEnd() {
        return windowsLines ? "\r\n" : "\n";
    }
}
