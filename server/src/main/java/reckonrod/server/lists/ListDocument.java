package reckonrod.server.lists;

import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.channel.Talk;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.list.Block;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.SlotRange;
import reckonrod.core.tone.Tone;

/** How a list is kept in the database: one JSON document for each revision, with its own format number. */
public record ListDocument(
        int format,
        String name,
        String bandPlan,
        int firstSlot,
        int lastSlot,
        List<BlockDocument> blocks,
        List<EntryDocument> entries) {
    private static final int FORMAT = 1;

    /** A block. */
    public record BlockDocument(String name, int firstSlot, int lastSlot) {}

    /** A channel in its slot. */
    public record EntryDocument(int slot, UUID id, String line, boolean pinned, ChannelDocument channel) {}

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
            String power) {}

    static ListDocument of(ChannelList list) {
        return new ListDocument(
                FORMAT,
                list.name(),
                list.bandPlanId(),
                list.slots().first(),
                list.slots().last(),
                list.blocks().stream()
                        .map(block -> new BlockDocument(
                                block.name(),
                                block.slots().first(),
                                block.slots().last()))
                        .toList(),
                list.entries().entrySet().stream().map(ListDocument::entry).toList());
    }

    private static EntryDocument entry(Map.Entry<Integer, ListEntry> each) {
        ListEntry entry = each.getValue();
        return new EntryDocument(each.getKey(), entry.id(), entry.line(), entry.pinned(), channel(entry.channel()));
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
                channel.power().name());
    }

    ChannelList toList() {
        if (format != FORMAT) {
            throw new IllegalStateException("A list of format " + format + " was written by a newer Reckonrod");
        }
        NavigableMap<Integer, ListEntry> slots = new TreeMap<>();
        entries.forEach(each ->
                slots.put(each.slot(), new ListEntry(each.id(), channel(each.channel()), each.line(), each.pinned())));
        return new ChannelList(
                name,
                bandPlan,
                new SlotRange(firstSlot, lastSlot),
                blocks.stream()
                        .map(block -> new Block(block.name(), new SlotRange(block.firstSlot(), block.lastSlot())))
                        .toList(),
                slots);
    }

    private static Channel channel(ChannelDocument document) {
        return new Channel(
                document.name(),
                Frequency.ofHertz(document.receiveHz()),
                talk(document),
                Tone.parse(document.talkTone()),
                Tone.parse(document.listenTone()),
                Emission.valueOf(document.emission()),
                Power.valueOf(document.power()));
    }

    private static Talk talk(ChannelDocument document) {
        return switch (document.talk()) {
            case "same" -> new Talk.Same();
            case "rule", "shift" ->
                new Talk.Shifted(
                        Shift.ofHertz(document.shiftHz()), document.talk().equals("rule"));
            case "on" -> new Talk.On(Frequency.ofHertz(document.transmitHz()));
            case "never" -> new Talk.Never();
            default -> throw new IllegalStateException("Unknown way to talk: " + document.talk());
        };
    }
}
