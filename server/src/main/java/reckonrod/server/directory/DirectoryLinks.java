package reckonrod.server.directory;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.finding.Finding;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.take.DirectoryLink;

/** Looks up what became of the entries that the channels of a list were taken from. */
@Component
public class DirectoryLinks {
    private final DirectoryStore directory;
    private final Clock clock;

    DirectoryLinks(DirectoryStore directory, Clock clock) {
        this.directory = directory;
        this.clock = clock;
    }

    /** What their entries say of the channels of a list today. */
    public Function<ListEntry, List<Finding>> findings(ChannelList list, BandPlan plan) {
        List<String> ids = list.entries().values().stream()
                .map(ListEntry::directoryId)
                .filter(id -> !id.isEmpty())
                .distinct()
                .toList();
        Map<String, DirectoryEntry> entries = directory.byIds(ids);
        LocalDate today = LocalDate.now(clock);
        return channel -> {
            DirectoryEntry entry = entries.get(channel.directoryId());
            return entry == null ? List.of() : DirectoryLink.findings(channel, entry, plan, today);
        };
    }
}
