package reckonrod.core.take;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import reckonrod.core.channel.Channel;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.finding.Finding;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.Origin;

/**
 * What an entry becomes in a list.
 *
 * @param entry the entry
 * @param line the line that reads back as the channel; empty where there is none
 * @param channel the channel; absent where an entry gives none
 * @param findings what is to be looked at before it is taken, gravest first
 */
public record Taken(DirectoryEntry entry, String line, Optional<Channel> channel, List<Finding> findings) {
    public Taken {
        findings = findings.stream().sorted(Finding.ORDER).toList();
    }

    /** The channel in a list under that id, with its link to the entry; absent where an entry gives none. */
    public Optional<ListEntry> listEntry(UUID id) {
        return channel.map(each -> ListEntry.taken(id, each, line, Origin.of(entry)));
    }
}
