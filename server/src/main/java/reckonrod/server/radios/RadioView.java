package reckonrod.server.radios;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import reckonrod.core.definition.LinkDefinition;
import reckonrod.core.definition.LinkDefinition.MemoryCard;
import reckonrod.core.fit.Carrying;
import reckonrod.core.tone.Tone;
import reckonrod.server.definitions.Way;

/**
 * One of the person's radios on the wire.
 *
 * @param modelId its model in addresses
 * @param settings what of the radio itself makes right channels fail, and what it is set to
 * @param memoryKnown whether it is known how its memory is laid out, and so what it would show
 * @param keysKnown whether it is known what its keys do, so that a channel can be keyed in by hand by a sheet
 * @param baud the speed of its cable; absent where it is not loaded by cable
 * @param person what the person does to load it by cable or card
 * @param unknownSince since when it is unknown what it holds, because an archive was restored; absent where it is known
 * @param heldBeforeReset what it held before it came to hold nothing, if that is so
 * @param line how it is reached
 * @param cardOut the card that is on its way into it
 */
record RadioView(
        String id,
        String name,
        String model,
        String modelId,
        String kind,
        int firstSlot,
        int lastSlot,
        String port,
        boolean simulated,
        boolean memoryKnown,
        boolean keysKnown,
        @Schema(nullable = true) Integer baud,
        List<String> person,
        LineView line,
        @Schema(nullable = true) CardOutView cardOut,
        @Schema(nullable = true) UUID snapshotToPutBack,
        boolean halfWritten,
        @Schema(nullable = true) LoadedView loaded,
        @Schema(nullable = true) SnapshotView newestSnapshot,
        @Schema(nullable = true) Instant unknownSince,
        @Schema(nullable = true) SnapshotView heldBeforeReset,
        ShelfView shelf,
        List<SettingNow> settings,
        CarryingView carrying) {
    /**
     * How a radio is reached.
     *
     * @param way by what its model is loaded
     * @param family the protocol, in words; empty where it is keyed in
     * @param reached how this one is reached here
     * @param at by which port, host and number, or folder; empty where there is none
     * @param export what the person does to have it write its card
     * @param takeIn what the person does to have it read its card
     */
    record LineView(
            Way way,
            String family,
            ShelfRequests.Reached reached,
            String at,
            List<String> export,
            List<String> takeIn) {
        static LineView of(RadioUnit unit) {
            Optional<LinkDefinition.Family> family = unit.definition().link().map(LinkDefinition::family);
            Optional<MemoryCard> card =
                    family.filter(MemoryCard.class::isInstance).map(MemoryCard.class::cast);
            PortAddress port = unit.port();
            String text = port.text();
            return new LineView(
                    Way.of(unit.definition()),
                    family.map(LinkDefinition.Family::words).orElse(""),
                    port.isSimulated()
                            ? ShelfRequests.Reached.simulated
                            : ShelfRequests.Reached.valueOf(text.replaceFirst(":.*", "")),
                    text.contains(":") ? text.substring(text.indexOf(':') + 1) : "",
                    card.map(MemoryCard::export).orElse(List.of()),
                    card.map(MemoryCard::takeIn).orElse(List.of()));
        }
    }

    /** A card that was written and is on its way. */
    record CardOutView(String what, Instant writtenAt) {}

    /**
     * How it carries a list.
     *
     * @param by how many slots lists are moved, if they are
     * @param blocks the blocks that go otherwise
     */
    record CarryingView(
            PlacesRequest.PlacesKind places,
            int by,
            List<PlacesRequest.BlockPlace> blocks,
            List<OverruleView> overrules) {
        static CarryingView of(Carrying carrying) {
            return new CarryingView(
                    carrying.places() instanceof Carrying.Places.Packed
                            ? PlacesRequest.PlacesKind.packed
                            : carrying.places() instanceof Carrying.Places.Moved
                                    ? PlacesRequest.PlacesKind.moved
                                    : PlacesRequest.PlacesKind.same,
                    carrying.places() instanceof Carrying.Places.Moved moved ? moved.by() : 0,
                    carrying.blocks().entrySet().stream()
                            .map(each -> PlacesRequest.BlockPlace.of(each.getKey(), each.getValue()))
                            .sorted(java.util.Comparator.comparing(PlacesRequest.BlockPlace::name))
                            .toList(),
                    carrying.overrules().entrySet().stream()
                            .map(each -> new OverruleView(
                                    each.getKey(),
                                    each.getValue().leftOut(),
                                    each.getValue().listenOnly(),
                                    each.getValue().name().orElse(null),
                                    each.getValue()
                                            .talkTone()
                                            .map(Tone::toString)
                                            .orElse(null)))
                            .toList());
        }
    }

    /** What is otherwise for a channel in this radio. */
    record OverruleView(
            UUID channelId,
            boolean leftOut,
            boolean listenOnly,
            @Schema(nullable = true) String name,
            @Schema(nullable = true) String talkTone) {}

    /** What the person knows of it besides its model. */
    record ShelfView(
            String label,
            String serial,
            String firmware,
            String antenna,
            String note,
            @Schema(nullable = true) LentView lent,
            @Schema(nullable = true) Instant retired,
            long version) {
        static ShelfView of(Shelf shelf) {
            return new ShelfView(
                    shelf.label(),
                    shelf.serial(),
                    shelf.firmware(),
                    shelf.antenna(),
                    shelf.note(),
                    shelf.lent()
                            .map(each -> new LentView(each.to(), each.at(), each.note()))
                            .orElse(null),
                    shelf.retired().orElse(null),
                    shelf.version());
        }
    }

    /** Who has it now. */
    record LentView(String to, Instant at, String note) {}

    /**
     * A setting of the radio itself.
     *
     * @param value what it was set to when the radio was read last; nothing where that is not known
     * @param values what it can be set to
     * @param inMemory whether it is written with the channels; else it is set on the radio
     * @param fails whether right channels fail with that
     * @param panel how it is reached on the radio; empty where only a cable reaches it
     */
    record SettingNow(
            String name,
            @Schema(nullable = true) String value,
            List<String> values,
            String advised,
            boolean inMemory,
            boolean fails,
            String why,
            String panel) {}

    /**
     * The list it holds, as far as is known.
     *
     * @param listId nothing of what was written before ids were kept
     */
    record LoadedView(@Schema(nullable = true) UUID listId, String listName, Instant since) {}

    /** A snapshot of its memory. */
    record SnapshotView(UUID id, Instant takenAt, String reason, int channels) {}
}
