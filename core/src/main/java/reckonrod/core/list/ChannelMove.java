package reckonrod.core.list;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * What a change does to the place of one channel.
 *
 * @param label what the channel is called
 * @param from the slot it was in; absent if it is new
 * @param to the slot it is in; absent if it is gone
 */
public record ChannelMove(String label, Optional<Integer> from, Optional<Integer> to) {
    /** Every channel that stands elsewhere, is new or is gone, by where it stood and then by where it stands. */
    public static List<ChannelMove> between(ChannelList before, ChannelList after) {
        Map<UUID, Integer> old = new HashMap<>();
        before.entries().forEach((slot, entry) -> old.put(entry.id(), slot));
        Map<UUID, Integer> now = new HashMap<>();
        after.entries().forEach((slot, entry) -> now.put(entry.id(), slot));
        Stream<ChannelMove> went = before.entries().entrySet().stream()
                .filter(each -> !each.getKey().equals(now.get(each.getValue().id())))
                .map(each -> new ChannelMove(
                        each.getValue().channel().label(),
                        Optional.of(each.getKey()),
                        Optional.ofNullable(now.get(each.getValue().id()))));
        Stream<ChannelMove> came = after.entries().entrySet().stream()
                .filter(each -> !old.containsKey(each.getValue().id()))
                .map(each -> new ChannelMove(
                        each.getValue().channel().label(), Optional.empty(), Optional.of(each.getKey())));
        return Stream.concat(went, came).toList();
    }
}
