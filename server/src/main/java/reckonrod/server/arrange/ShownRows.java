package reckonrod.server.arrange;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.SortedMap;
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
            rows.replaceAll((slot, row) -> same(row, before.rows.get(slot)) ? before.rows.get(slot) : row);
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

    /**
     * What differs from a view.
     *
     * @param rows the rows that are not in it just so, those of {@code sameFits} without what becomes of them in the radios
     * @param freed the slots that hold nothing any more
     * @param sameFits the channels, by their identity, of which the radios make what they made of them in that view
     */
    record Difference(List<RowView> rows, List<Integer> freed, List<UUID> sameFits) {
        static Difference all(SortedMap<Integer, RowView> rows) {
            return new Difference(List.copyOf(rows.values()), List.of(), List.of());
        }

        static Difference of(SortedMap<Integer, RowView> before, SortedMap<Integer, RowView> after) {
            Map<UUID, RowView> known = new HashMap<>();
            before.values().forEach(row -> known.put(row.id(), row));
            List<RowView> rows = new ArrayList<>();
            List<UUID> sameFits = new ArrayList<>();
            after.forEach((slot, row) -> {
                if (same(row, before.get(slot))) {
                    return;
                }
                RowView then = known.get(row.id());
                if (then != null && Objects.equals(then.fits(), row.fits())) {
                    sameFits.add(row.id());
                    rows.add(row.withFits(List.of()));
                } else {
                    rows.add(row);
                }
            });
            return new Difference(
                    rows,
                    before.keySet().stream()
                            .filter(slot -> !after.containsKey(slot))
                            .toList(),
                    sameFits);
        }
    }

    /** Whether two rows are equal; the line is asked first, for records begin to compare with their last and largest part. */
    private static boolean same(RowView row, RowView other) {
        return other != null && row.line().equals(other.line()) && Objects.equals(row, other);
    }
}
