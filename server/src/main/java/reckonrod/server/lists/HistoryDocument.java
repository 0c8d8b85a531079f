package reckonrod.server.lists;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import reckonrod.core.list.ChannelList;
import reckonrod.server.lists.ListStore.PastList;

/**
 * How a list came to be what it is, in a file.
 *
 * @param first the list as it began
 * @param begun what that was
 * @param at when
 * @param changes each after the other; what was undone is not among them
 */
public record HistoryDocument(ListDocument first, String begun, Instant at, List<ChangeDocument> changes) {
    /**
     * A change.
     *
     * @param head the list without its channels, if anything of that changed; else null
     * @param put the slots that hold another channel now
     * @param freed the slots that hold none any more
     */
    public record ChangeDocument(
            String summary, Instant at, ListDocument head, List<ListDocument.EntryDocument> put, List<Integer> freed) {}

    /** The history of lists that follow each other, the oldest first; at least one. */
    public static HistoryDocument of(List<PastList> past) {
        List<ChangeDocument> changes = new ArrayList<>();
        for (int i = 1; i < past.size(); i++) {
            ListDifference each =
                    ListDifference.between(past.get(i - 1).list(), past.get(i).list());
            changes.add(
                    new ChangeDocument(past.get(i).summary(), past.get(i).at(), each.head(), each.put(), each.freed()));
        }
        PastList first = past.get(0);
        return new HistoryDocument(ListDocument.of(first.list()), first.summary(), first.at(), changes);
    }

    /**
     * The lists that follow each other, the oldest first.
     *
     * @throws IllegalArgumentException if one of them cannot be, in words
     */
    public List<PastList> toPast() {
        List<PastList> past = new ArrayList<>();
        ChannelList now = first.toList();
        past.add(new PastList(begun, at, now));
        for (ChangeDocument each : changes) {
            now = new ListDifference(each.head(), each.put(), each.freed()).appliedTo(now);
            past.add(new PastList(each.summary(), each.at(), now));
        }
        return past;
    }
}
