package reckonrod.server.arrange;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListComparison;
import reckonrod.core.list.ListComparison.Row;
import reckonrod.server.lists.ListStore;
import reckonrod.server.problem.ProblemException;

/** Lists side by side, and the rows of them by their keys. */
@Component
class Compared {
    private final ListStore store;

    Compared(ListStore store) {
        this.store = store;
    }

    /** A list to compare with. */
    record Other(String name, ChannelList list) {}

    ChannelList here(UUID id) {
        return store.get(id).list();
    }

    /** A list as it is now, or as it was after a change of the past. */
    Other other(UUID id, Long revision) {
        ChannelList now = store.get(id).list();
        return revision == null
                ? new Other(now.name(), now)
                : new Other(now.name() + " of the past", store.at(id, revision));
    }

    /** What names a row: it stays the same while neither list changes that channel's place among the others. */
    static String key(Row row) {
        return row.here()
                .map(each -> "here " + each.entry().id())
                .orElseGet(() -> "there " + row.there().orElseThrow().entry().id());
    }

    /** The rows of those keys. One that is not there any more is refused: something else would be taken than was meant. */
    List<Row> rows(ChannelList here, ChannelList there, List<String> keys) {
        Set<String> wanted = new HashSet<>(keys);
        List<Row> rows = ListComparison.of(here, there).rows().stream()
                .filter(row -> wanted.remove(key(row)))
                .toList();
        if (!wanted.isEmpty()) {
            throw ProblemException.conflict(
                    "changed-elsewhere",
                    "Changed elsewhere",
                    wanted.size()
                            + " of what was chosen no longer differs like that. Nothing was taken over; compare again.");
        }
        return rows;
    }
}
