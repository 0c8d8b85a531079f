package reckonrod.server.lists;

import java.util.ArrayList;
import java.util.List;
import java.util.NavigableMap;
import java.util.TreeMap;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;

/**
 * What a revision of a list differs in from its parent.
 *
 * @param head the list without its channels, if anything of that differs; else null
 * @param put the slots that hold another channel now
 * @param freed the slots that hold none any more
 */
record ListDifference(ListDocument head, List<ListDocument.EntryDocument> put, List<Integer> freed) {
    static ListDifference between(ChannelList before, ChannelList after) {
        ListDocument head = ListDocument.headOf(after);
        List<ListDocument.EntryDocument> put = new ArrayList<>();
        after.entries().forEach((slot, entry) -> {
            if (!entry.equals(before.entries().get(slot))) {
                put.add(ListDocument.entry(slot, entry));
            }
        });
        List<Integer> freed = before.entries().keySet().stream()
                .filter(slot -> !after.entries().containsKey(slot))
                .toList();
        return new ListDifference(head.equals(ListDocument.headOf(before)) ? null : head, put, freed);
    }

    /** The list that differs so from this one. */
    ChannelList appliedTo(ChannelList before) {
        NavigableMap<Integer, ListEntry> entries = new TreeMap<>(before.entries());
        freed.forEach(entries::remove);
        put.forEach(each -> entries.put(each.slot(), each.toEntry()));
        return (head == null ? ListDocument.headOf(before) : head).toList(entries);
    }
}
