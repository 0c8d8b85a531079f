package reckonrod.core.notation;

import reckonrod.core.finding.Edit;
import reckonrod.core.finding.Fix;

/** Makes fixes that replace one place of the line and keep all else as typed. */
final class LineEdit {
    private LineEdit() {}

    /** Other words in place of what stands between two places. */
    static Fix replace(String label, String line, int from, int to, String next) {
        return new Fix(label, new Edit.RewriteLine(line.substring(0, from) + next + line.substring(to)));
    }

    /** Other words in place of an item. */
    static Fix replace(String label, String line, Item item, String next) {
        return replace(label, line, item.from, item.to, next);
    }

    /** More words behind the line. */
    static Fix append(String label, String line, String words) {
        return new Fix(label, new Edit.RewriteLine(line.strip() + " " + words));
    }
}
