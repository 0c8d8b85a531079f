package reckonrod.server.directory;

import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import org.springframework.stereotype.Component;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.Origin;

/** Looks up where the channels of a list stand that were taken before lists knew that. */
@Component
public class Origins {
    private final DirectoryStore directory;

    Origins(DirectoryStore directory) {
        this.directory = directory;
    }

    /** The list with what the directory knows of its channels. */
    public ChannelList completed(ChannelList list) {
        List<String> bare = list.entries().values().stream()
                .filter(Origins::isBare)
                .map(ListEntry::directoryId)
                .distinct()
                .toList();
        if (bare.isEmpty()) {
            return list;
        }
        Map<String, DirectoryEntry> known = directory.byIds(bare);
        NavigableMap<Integer, ListEntry> entries = new TreeMap<>(list.entries());
        entries.replaceAll((slot, entry) -> isBare(entry)
                ? Optional.ofNullable(known.get(entry.directoryId()))
                        .map(each -> entry.withOrigin(Origin.of(each)))
                        .orElse(entry)
                : entry);
        return list.byPlan(list.bandPlanId(), list.licence(), entries);
    }

    private static boolean isBare(ListEntry entry) {
        return entry.origin().filter(Origin::isBare).isPresent();
    }
}
