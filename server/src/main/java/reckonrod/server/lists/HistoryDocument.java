package reckonrod.server.lists;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import reckonrod.core.list.ChannelList;
import reckonrod.server.lists.ListStore.PastList;

/**
 * How a list came to be what it is, in a file.
 *
 * @param first the list as it began
 * @param begun what that was
 * @param at when
 * @param name what the person called it; null for most
 * @param changes each after the other; what was undone is not among them
 */
public record HistoryDocument(ListDocument first, String begun, Instant at, String name, List<ChangeDocument> changes) {
    /**
     * A change.
     *
     * @param name what the person called it; null for most
     * @param head the list without its channels, if anything of that changed; else null
     * @param put the slots that hold another channel now
     * @param freed the slots that hold none any more
     */
    public record ChangeDocument(
            String summary,
            Instant at,
            String name,
            ListDocument head,
            List<ListDocument.EntryDocument> put,
            List<Integer> freed) {
        private ListDifference difference() {
            return new ListDifference(head, put, freed);
        }
    }

    /** Writes the history down revision by revision; no more than one list is held at a time. */
    static final class Writer {
        private final List<ChangeDocument> changes = new ArrayList<>();
        private ChannelList now;
        private HistoryDocument begun;

        void add(RevisionRecord revision, Instant at, String name) {
            if (now == null) {
                now = revision.document().toList();
                begun = new HistoryDocument(revision.document(), revision.summary(), at, name, List.of());
                return;
            }
            ChannelList next = revision.document() == null
                    ? revision.difference().appliedTo(now)
                    : revision.document().toList();
            ListDifference each =
                    revision.difference() == null ? ListDifference.between(now, next) : revision.difference();
            changes.add(new ChangeDocument(revision.summary(), at, name, each.head(), each.put(), each.freed()));
            now = next;
        }

        HistoryDocument document() {
            return new HistoryDocument(begun.first, begun.begun, begun.at, begun.name, changes);
        }
    }

    /**
     * The lists that follow each other, the oldest first, each worked out when it is asked for: of a long history there are too many to
     * hold. One that cannot be throws an {@link IllegalArgumentException}, in words.
     */
    public Iterator<PastList> past() {
        return new Iterator<>() {
            private ChannelList now;
            private int next;

            @Override
            public boolean hasNext() {
                return next <= changes.size();
            }

            @Override
            public PastList next() {
                if (next++ == 0) {
                    now = first.toList();
                    return new PastList(begun, at, now, orNone(name));
                }
                ChangeDocument change = changes.get(next - 2);
                now = change.difference().appliedTo(now);
                return new PastList(change.summary(), change.at(), now, orNone(change.name()));
            }
        };
    }

    private static String orNone(String name) {
        return name == null ? "" : name;
    }
}
