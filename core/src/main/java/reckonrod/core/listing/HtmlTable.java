package reckonrod.core.listing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;

/** The largest table of a web page. A cell that spans several rows or columns stands in each of them. */
final class HtmlTable {
    private static final int MOST_SPAN = 100;

    private HtmlTable() {}

    static Optional<List<Table.Row>> rows(String text) {
        String lower = text.toLowerCase(Locale.ROOT);
        if (!lower.contains("<tr") || !lower.contains("<td")) {
            return Optional.empty();
        }
        String html = lower.contains("<table") ? text : "<table>" + text + "</table>";
        return Jsoup.parse(html).select("table").stream()
                .filter(table -> table.select("table").size() == 1)
                .map(HtmlTable::rows)
                .max(Comparator.comparingInt(List::size))
                .filter(rows -> rows.size() > 1);
    }

    private static List<Table.Row> rows(Element table) {
        List<Table.Row> rows = new ArrayList<>();
        /** What hangs down from rows above: the text of a column, and for how many rows more. */
        List<String> hanging = new ArrayList<>();
        List<Integer> left = new ArrayList<>();
        for (Element row : table.select("tr")) {
            List<String> cells = new ArrayList<>();
            for (Element cell : row.select("> td, > th")) {
                takeHanging(cells, hanging, left);
                int down = span(cell, "rowspan");
                for (int i = 0; i < span(cell, "colspan") && cells.size() < Table.MOST_COLUMNS; i++) {
                    hang(cells.size(), down - 1, cell.text(), hanging, left);
                    cells.add(cell.text());
                }
            }
            takeHanging(cells, hanging, left);
            if (!cells.isEmpty()) {
                rows.add(new Table.Row(rows.size() + 1, cells));
            }
        }
        return rows;
    }

    private static void takeHanging(List<String> cells, List<String> hanging, List<Integer> left) {
        while (cells.size() < left.size() && left.get(cells.size()) > 0) {
            int at = cells.size();
            left.set(at, left.get(at) - 1);
            cells.add(hanging.get(at));
        }
    }

    private static void hang(int at, int rows, String text, List<String> hanging, List<Integer> left) {
        while (left.size() <= at) {
            left.add(0);
            hanging.add("");
        }
        left.set(at, rows);
        hanging.set(at, text);
    }

    private static int span(Element cell, String name) {
        String span = cell.attr(name).strip();
        return span.matches("[1-9][0-9]?") ? Math.min(Integer.parseInt(span), MOST_SPAN) : 1;
    }
}
