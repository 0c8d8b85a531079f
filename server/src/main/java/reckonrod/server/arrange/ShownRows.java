package reckonrod.server.arrange;

import java.util.HashMap;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.stereotype.Component;
import reckonrod.server.arrange.ListView.RowView;

/**
 * What was shown of lists lately, so that who changes one is sent only what differs from what they have. Each view has a mark;
 * one that is not remembered any more, or was made by another program, is simply not known, and all is sent.
 */
@Component
class ShownRows {
    private static final int MOST_ROWS = 100_000;

    private final Map<String, Shown> byMark = new LinkedHashMap<>(64, 0.75f, true);
    private final Map<UUID, Shown> newest = new HashMap<>();
    private final UUID program = UUID.randomUUID();
    private long count;
    private int rowsHeld;

    /** A view of a list. */
    record Shown(UUID list, long version, String mark, SortedMap<Integer, RowView> rows) {}

    /** Remembers a view. The same view twice has the same mark. */
    synchronized Shown remember(UUID list, long version, SortedMap<Integer, RowView> rows) {
        Shown before = newest.get(list);
        if (before != null) {
            if (before.version == version && before.rows.equals(rows)) {
                byMark.get(before.mark);
                return before;
            }
            // Most rows are as they were; they are held once.
            rows.replaceAll((slot, row) -> row.equals(before.rows.get(slot)) ? before.rows.get(slot) : row);
        }
        Shown shown = new Shown(list, version, program + "-" + ++count, rows);
        byMark.put(shown.mark, shown);
        newest.put(list, shown);
        rowsHeld += rows.size();
        Iterator<Shown> eldest = byMark.values().iterator();
        while (rowsHeld > MOST_ROWS && byMark.size() > 1) {
            Shown gone = eldest.next();
            eldest.remove();
            newest.remove(gone.list, gone);
            rowsHeld -= gone.rows.size();
        }
        return shown;
    }

    /** The rows that were shown with that mark. */
    synchronized Optional<Shown> shown(String mark) {
        return Optional.ofNullable(byMark.get(mark));
    }

    /** The rows of one view that are not in another just so. */
    static SortedMap<Integer, RowView> changed(SortedMap<Integer, RowView> before, SortedMap<Integer, RowView> after) {
        SortedMap<Integer, RowView> changed = new TreeMap<>();
        after.forEach((slot, row) -> {
            if (!row.equals(before.get(slot))) {
                changed.put(slot, row);
            }
        });
        return changed;
    }
}
