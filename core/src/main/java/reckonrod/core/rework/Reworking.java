package reckonrod.core.rework;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEdit;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.ManyEdit;
import reckonrod.core.notation.LineWriter;
import reckonrod.core.notation.Reckoner;

/** Works out an edit that changes many channels of a list in the same way, each with the line that reads back as it. */
public final class Reworking {
    private Reworking() {}

    /**
     * The edit; those that are as asked for already have no part in it.
     *
     * @param ids which channels
     * @param plan the plan that the list goes by
     * @throws IllegalArgumentException if a channel would become none that there can be, with the reason in words
     */
    public static ListEdit of(ChannelList list, List<UUID> ids, Rework rework, BandPlan plan) {
        if (ids.isEmpty()) {
            throw new IllegalArgumentException("No channel is chosen");
        }
        Set<UUID> chosen = new HashSet<>(ids);
        List<Map.Entry<Integer, ListEntry>> found = list.entries().entrySet().stream()
                .filter(each -> chosen.remove(each.getValue().id()))
                .toList();
        // Each line is read back, which is most of the work, and none looks at another. What cannot be is thrown from
        // here:
        // from another thread it would come wrapped up, without its words.
        List<Outcome> outcomes = found.parallelStream()
                .map(each -> Outcome.of(each.getKey(), each.getValue(), rework, plan))
                .toList();
        outcomes.stream().flatMap(each -> each.fault().stream()).findFirst().ifPresent(fault -> {
            throw fault;
        });
        List<ListEdit.Rewrite> changed =
                outcomes.stream().flatMap(each -> each.rewrite().stream()).toList();
        return new ManyEdit.RewriteMany(changed, chosen.size(), rework.words(changed.size()));
    }

    private record Outcome(Optional<ListEdit.Rewrite> rewrite, Optional<IllegalArgumentException> fault) {
        static Outcome of(int slot, ListEntry entry, Rework rework, BandPlan plan) {
            try {
                return new Outcome(changed(slot, entry, rework, plan), Optional.empty());
            } catch (IllegalArgumentException cause) {
                return new Outcome(Optional.empty(), Optional.of(cause));
            }
        }
    }

    private static Optional<ListEdit.Rewrite> changed(int slot, ListEntry entry, Rework rework, BandPlan plan) {
        Channel next = rework.of(slot, entry);
        if (next.equals(entry.channel())) {
            return Optional.empty();
        }
        String line = LineWriter.write(next, plan);
        if (!Reckoner.reckon(line, plan).channel().equals(Optional.of(next))) {
            throw new IllegalArgumentException(entry.channel().label() + " cannot become that: its line would be \""
                    + line + "\", which reads as something else");
        }
        return Optional.of(new ListEdit.Rewrite(entry.id(), next, line));
    }
}
