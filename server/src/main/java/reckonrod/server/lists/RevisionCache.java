package reckonrod.server.lists;

import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import reckonrod.core.list.ChannelList;

/** Lists as they were after their newest changes. A revision is never changed, so what is held here is never out of date. */
@Component
class RevisionCache {
    private static final int MOST_CHANNELS = 60_000;

    private final Map<Long, ChannelList> lists = new LinkedHashMap<>(64, 0.75f, true);
    private int channels;

    synchronized Optional<ChannelList> get(Long revision) {
        return Optional.ofNullable(lists.get(revision));
    }

    synchronized void clear() {
        lists.clear();
        channels = 0;
    }

    synchronized void put(Long revision, ChannelList list) {
        if (lists.put(revision, list) == null) {
            channels += list.entries().size();
        }
        Iterator<ChannelList> eldest = lists.values().iterator();
        while (channels > MOST_CHANNELS && lists.size() > 1) {
            channels -= eldest.next().entries().size();
            eldest.remove();
        }
    }
}
