package reckonrod.core.list;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import reckonrod.core.channel.Channel;

/**
 * What another list has otherwise than one's own, channel by channel. Two channels are the same one if they have the same origin, come
 * from the same entry of the directory, or are the same on the air; the surest of the three counts first.
 *
 * @param rows what differs: by the slots of one's own list, then what only the other one has, by its slots
 */
public record ListComparison(List<Row> rows) {
    /** How a channel differs. */
    public enum Kind {
        /** Only the other list has it. */
        ONLY_THERE,
        /** Only one's own list has it. */
        ONLY_HERE,
        /** Both have it, and it is not alike. */
        CHANGED,
        /** Both have it alike, in different slots. */
        MOVED
    }

    /** What can differ in a channel. */
    public enum Part {
        NAME("name", Channel::name),
        LISTEN("listen", channel -> channel.receive().toMegahertzText()),
        TALK(
                "talk",
                channel ->
                        channel.transmit().map(each -> each.toMegahertzText()).orElse("never")),
        TALK_TONE("talk tone", channel -> channel.talkTone().toString()),
        LISTEN_TONE("listen tone", channel -> channel.listenTone().toString()),
        EMISSION("kind", channel -> channel.emission().name()),
        POWER("power", channel -> channel.power().word());

        private final String words;

        @SuppressWarnings("ImmutableEnumChecker") // Functions without state.
        private final Function<Channel, String> of;

        Part(String words, Function<Channel, String> of) {
            this.words = words;
            this.of = of;
        }

        /** The part in words. */
        public String words() {
            return words;
        }

        /** What a channel has there, in words. */
        public String of(Channel channel) {
            return of.apply(channel);
        }
    }

    /** A channel in its slot. */
    public record Side(int slot, ListEntry entry) {}

    /**
     * A channel that differs.
     *
     * @param here it in one's own list; absent where only the other one has it
     * @param there it in the other list; absent where only one's own has it
     * @param parts what differs in it; none where it only stands elsewhere or in one list
     */
    public record Row(Kind kind, Optional<Side> here, Optional<Side> there, List<Part> parts) {}

    public ListComparison {
        rows = List.copyOf(rows);
    }

    /** Compares two lists. */
    public static ListComparison of(ChannelList here, ChannelList there) {
        Map<UUID, Side> partners = partners(here, there);
        Set<UUID> met = new HashSet<>();
        List<Row> rows = new ArrayList<>();
        here.entries().forEach((slot, entry) -> {
            Side own = new Side(slot, entry);
            Optional<Side> partner = Optional.ofNullable(partners.get(entry.id()));
            partner.ifPresent(other -> met.add(other.entry().id()));
            row(own, partner).ifPresent(rows::add);
        });
        there.entries().forEach((slot, entry) -> {
            if (!met.contains(entry.id())) {
                rows.add(new Row(Kind.ONLY_THERE, Optional.empty(), Optional.of(new Side(slot, entry)), List.of()));
            }
        });
        return new ListComparison(rows);
    }

    private static Optional<Row> row(Side here, Optional<Side> there) {
        if (there.isEmpty()) {
            return Optional.of(new Row(Kind.ONLY_HERE, Optional.of(here), there, List.of()));
        }
        Channel own = here.entry().channel();
        Channel other = there.get().entry().channel();
        List<Part> parts = new ArrayList<>();
        for (Part part : Part.values()) {
            if (!part.of(own).equals(part.of(other))) {
                parts.add(part);
            }
        }
        if (parts.isEmpty() && here.slot() == there.get().slot()) {
            return Optional.empty();
        }
        return Optional.of(
                new Row(parts.isEmpty() ? Kind.MOVED : Kind.CHANGED, Optional.of(here), there, List.copyOf(parts)));
    }

    /** The channel of the other list that each of one's own is, by the id of one's own. Each is taken once. */
    private static Map<UUID, Side> partners(ChannelList here, ChannelList there) {
        Map<UUID, Side> partners = new HashMap<>();
        Set<UUID> taken = new HashSet<>();
        List<Function<ListEntry, Object>> marks = List.of(
                ListEntry::id,
                entry -> entry.directoryId().isEmpty() ? null : entry.directoryId(),
                entry -> List.of(entry.channel().onAir(), entry.channel().name()),
                entry -> entry.channel().onAir());
        for (Function<ListEntry, Object> mark : marks) {
            Map<Object, List<Side>> open = new HashMap<>();
            there.entries().forEach((slot, entry) -> {
                Object value = mark.apply(entry);
                if (value != null && !taken.contains(entry.id())) {
                    open.computeIfAbsent(value, each -> new ArrayList<>()).add(new Side(slot, entry));
                }
            });
            here.entries().values().stream()
                    .filter(entry -> !partners.containsKey(entry.id()))
                    .forEach(entry -> Optional.ofNullable(mark.apply(entry))
                            .map(open::get)
                            .filter(sides -> !sides.isEmpty())
                            .map(sides -> sides.remove(0))
                            .ifPresent(side -> {
                                partners.put(entry.id(), side);
                                taken.add(side.entry().id());
                            }));
        }
        return partners;
    }

    /**
     * The edit that makes some of the rows in one's own list as they are in the other one: what is changed becomes alike in its slot,
     * what only the other one has goes into its slot there or the next free one, what only one's own has goes. Where a channel stands
     * is left as it is.
     *
     * @param here one's own list
     * @param chosen rows of this comparison
     * @param from what the other list is called
     * @param ids a fresh id for each channel that comes in
     * @param line the line of a channel by the plan of one's own list
     */
    public static ListEdit takeOver(
            ChannelList here, List<Row> chosen, String from, Supplier<UUID> ids, Function<Channel, String> line) {
        List<ListEdit> edits = new ArrayList<>();
        for (Row row : chosen) {
            if (row.kind() == Kind.ONLY_HERE) {
                edits.add(new ListEdit.Delete(row.here().orElseThrow().entry().id()));
            } else if (row.kind() == Kind.CHANGED) {
                Channel other = row.there().orElseThrow().entry().channel();
                edits.add(new ListEdit.Rewrite(row.here().orElseThrow().entry().id(), other, line.apply(other)));
            } else if (row.kind() == Kind.ONLY_THERE) {
                Side there = row.there().orElseThrow();
                Channel other = there.entry().channel();
                int slot = Math.max(here.slots().first(), Math.min(here.slots().last(), there.slot()));
                edits.add(new ListEdit.Put(
                        slot,
                        List.of(ListEntry.of(
                                ids.get(),
                                other,
                                line.apply(other),
                                there.entry().origin()))));
            }
        }
        return new ListEdit.Together(
                edits, "Take over " + edits.size() + (edits.size() == 1 ? " channel" : " channels") + " from " + from);
    }
}
