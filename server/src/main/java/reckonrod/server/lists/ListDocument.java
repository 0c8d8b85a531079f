package reckonrod.server.lists;

import java.time.LocalDate;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.channel.Talk;
import reckonrod.core.finding.Field;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.geography.Position;
import reckonrod.core.list.Block;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.Dismissal;
import reckonrod.core.list.Intent;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.NameRecipe;
import reckonrod.core.list.Origin;
import reckonrod.core.list.Scanning;
import reckonrod.core.list.SlotRange;
import reckonrod.core.list.Standing;
import reckonrod.core.tone.Tone;

/** How a list is kept in the database: one JSON document for each revision, with its own format number. */
public record ListDocument(
        int format,
        String name,
        String bandPlan,
        String licence,
        int firstSlot,
        int lastSlot,
        String naming,
        SpotDocument namingFrom,
        IntentDocument intent,
        List<BlockDocument> blocks,
        List<EntryDocument> entries,
        ScanningDocument scanning) {
    /**
     * Format 1 knew no banks, no choice of what is scanned, and no place of a channel; format 2 five recipes for names, nothing of what
     * a list is for, no ranks and no days of proof.
     */
    private static final int FORMAT = 3;

    /** A block; {@code order} is missing where its channels stay as they are placed, {@code filling} where it is filled by hand. */
    public record BlockDocument(
            String name,
            int firstSlot,
            int lastSlot,
            String order,
            SpotDocument orderFrom,
            List<SpotDocument> orderVia,
            FillingDocument filling,
            String naming,
            SpotDocument namingFrom) {
        static BlockDocument of(Block block) {
            Optional<OrderDocument> order = block.order().map(OrderDocument::of);
            Optional<NamingDocument> naming = block.naming().map(NamingDocument::of);
            return new BlockDocument(
                    block.name(),
                    block.slots().first(),
                    block.slots().last(),
                    order.map(OrderDocument::word).orElse(null),
                    order.map(OrderDocument::from).orElse(null),
                    order.map(OrderDocument::via).orElse(null),
                    block.filling().map(FillingDocument::of).orElse(null),
                    naming.map(NamingDocument::parts).orElse(null),
                    naming.map(NamingDocument::from).orElse(null));
        }

        Block toBlock() {
            return new Block(
                    name,
                    new SlotRange(firstSlot, lastSlot),
                    Optional.ofNullable(order).map(word -> new OrderDocument(word, orderFrom, orderVia).toOrdering()),
                    Optional.ofNullable(filling).map(FillingDocument::toFilling),
                    Optional.ofNullable(naming).map(parts -> new NamingDocument(parts, namingFrom).toRecipe()));
        }
    }

    /** A channel in its slot. */
    public record EntryDocument(
            int slot,
            UUID id,
            String line,
            String published,
            boolean pinned,
            ChannelDocument channel,
            List<DismissalDocument> dismissals,
            String directoryId,
            String callSign,
            String site,
            Double latitude,
            Double longitude,
            Boolean scan,
            Integer rank,
            LocalDate proven,
            Map<Integer, String> shortNames) {
        // What lists of the first days did not have yet is missing in their documents, and reads as nothing.
        ListEntry toEntry() {
            return new ListEntry(
                    id,
                    ListDocument.channel(channel),
                    line,
                    published == null ? line : published,
                    new Standing(
                            pinned, Optional.ofNullable(scan), Optional.ofNullable(rank), Optional.ofNullable(proven)),
                    orNone(dismissals).stream()
                            .map(each -> new Dismissal(each.code(), Field.valueOf(each.field()), each.reason()))
                            .toList(),
                    origin(),
                    shortNames == null ? Collections.emptyNavigableMap() : new TreeMap<>(shortNames));
        }

        private Optional<Origin> origin() {
            if (directoryId == null || directoryId.isEmpty()) {
                return Optional.empty();
            }
            return Optional.of(new Origin(
                    directoryId,
                    callSign == null ? "" : callSign,
                    site == null ? "" : site,
                    latitude == null || longitude == null
                            ? Optional.empty()
                            : Optional.of(new Position(latitude, longitude))));
        }
    }

    /** A finding that was laid aside. */
    public record DismissalDocument(String code, String field, String reason) {}

    /** A channel; {@code talk} is one of same, rule, shift, on, never, and the two numbers are there where it needs them. */
    public record ChannelDocument(
            String name,
            long receiveHz,
            String talk,
            Long shiftHz,
            Long transmitHz,
            String talkTone,
            String listenTone,
            String emission,
            String power,
            List<String> flags) {}

    /** A list with all its channels. */
    public static ListDocument of(ChannelList list) {
        return of(
                list,
                list.entries().entrySet().stream()
                        .map(each -> entry(each.getKey(), each.getValue()))
                        .toList());
    }

    /** All but the channels. */
    static ListDocument headOf(ChannelList list) {
        return of(list, List.of());
    }

    private static ListDocument of(ChannelList list, List<EntryDocument> entries) {
        NamingDocument naming = NamingDocument.of(list.naming());
        return new ListDocument(
                FORMAT,
                list.name(),
                list.bandPlanId(),
                list.licence(),
                list.slots().first(),
                list.slots().last(),
                naming.parts(),
                naming.from(),
                IntentDocument.of(list.intent()),
                list.blocks().stream().map(BlockDocument::of).toList(),
                entries,
                ScanningDocument.of(list.scanning()));
    }

    static EntryDocument entry(int slot, ListEntry entry) {
        Optional<Position> position = entry.origin().flatMap(Origin::position);
        return new EntryDocument(
                slot,
                entry.id(),
                entry.line(),
                entry.published(),
                entry.pinned(),
                channel(entry.channel()),
                entry.dismissals().stream()
                        .map(dismissal -> new DismissalDocument(
                                dismissal.code(), dismissal.field().name(), dismissal.reason()))
                        .toList(),
                entry.directoryId(),
                entry.origin()
                        .map(Origin::callSign)
                        .filter(each -> !each.isEmpty())
                        .orElse(null),
                entry.origin().map(Origin::site).filter(each -> !each.isEmpty()).orElse(null),
                position.map(Position::latitudeDegrees).orElse(null),
                position.map(Position::longitudeDegrees).orElse(null),
                entry.scan().orElse(null),
                entry.standing().rank().orElse(null),
                entry.standing().proven().orElse(null),
                entry.shortNames().isEmpty() ? null : entry.shortNames());
    }

    private static ChannelDocument channel(Channel channel) {
        Talk talk = channel.talk();
        Optional<Talk.Shifted> shifted = talk instanceof Talk.Shifted each ? Optional.of(each) : Optional.empty();
        Optional<Talk.On> on = talk instanceof Talk.On each ? Optional.of(each) : Optional.empty();
        String kind = shifted.map(each -> each.byRule() ? "rule" : "shift")
                .or(() -> on.map(each -> "on"))
                .orElse(talk instanceof Talk.Same ? "same" : "never");
        return new ChannelDocument(
                channel.name(),
                channel.receive().hertz(),
                kind,
                shifted.map(each -> each.shift().hertz()).orElse(null),
                on.map(each -> each.frequency().hertz()).orElse(null),
                channel.talkTone().toString(),
                channel.listenTone().toString(),
                channel.emission().name(),
                channel.power().name(),
                channel.flags().stream().map(DirectoryFlag::name).toList());
    }

    /**
     * The list.
     *
     * @throws IllegalArgumentException if the document says what there cannot be, in words
     */
    public ChannelList toList() {
        NavigableMap<Integer, ListEntry> slots = new TreeMap<>();
        Set<UUID> ids = new HashSet<>();
        for (EntryDocument each : entries) {
            if (slots.put(each.slot(), each.toEntry()) != null || !ids.add(each.id())) {
                throw new IllegalArgumentException("Each channel must have a slot and an id of its own; slot "
                        + each.slot() + " or the id " + each.id() + " is there twice");
            }
        }
        return toList(slots);
    }

    /** The list with these channels instead of its own. */
    ChannelList toList(NavigableMap<Integer, ListEntry> slots) {
        if (format < 1 || format > FORMAT) {
            throw new IllegalArgumentException("A list of format " + format + " was written by a newer Reckonrod");
        }
        return new ChannelList(
                name,
                bandPlan,
                licence == null ? "" : licence,
                new SlotRange(firstSlot, lastSlot),
                toIntent(),
                blocks.stream().map(BlockDocument::toBlock).toList(),
                slots,
                scanning == null ? Scanning.USUAL : scanning.toScanning());
    }

    private Intent toIntent() {
        NameRecipe recipe = naming == null ? NameRecipe.PLACE : new NamingDocument(naming, namingFrom).toRecipe();
        return intent == null ? Intent.named(recipe) : intent.toIntent(recipe);
    }

    private static <T> List<T> orNone(List<T> list) {
        return list == null ? List.of() : list;
    }

    private static Channel channel(ChannelDocument document) {
        return new Channel(
                document.name(),
                Frequency.ofHertz(document.receiveHz()),
                talk(document),
                Tone.parse(document.talkTone()),
                Tone.parse(document.listenTone()),
                Emission.valueOf(document.emission()),
                Power.valueOf(document.power()),
                orNone(document.flags()).stream().map(DirectoryFlag::valueOf).collect(Collectors.toUnmodifiableSet()));
    }

    private static Talk talk(ChannelDocument document) {
        return switch (document.talk()) {
            case "same" -> new Talk.Same();
            case "rule", "shift" ->
                new Talk.Shifted(
                        Shift.ofHertz(document.shiftHz()), document.talk().equals("rule"));
            case "on" -> new Talk.On(Frequency.ofHertz(document.transmitHz()));
            case "never" -> new Talk.Never();
            default ->
                throw new IllegalArgumentException(
                        "talk must be same, rule, shift, on or never, was \"" + document.talk() + "\"");
        };
    }
}
