package reckonrod.server.fit;

import io.swagger.v3.oas.annotations.media.Schema;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.image.SlotReading;
import reckonrod.core.radio.RadioSlot;

/** What a slot of a radio holds, ready to be shown; {@code unreadable} says why when its bytes mean nothing. */
record SlotView(
        String name,
        String listen,
        @Schema(nullable = true) String talk,
        @Schema(nullable = true) String talkTone,
        @Schema(nullable = true) String listenTone,
        String emission,
        String power,
        boolean scan,
        String words,
        @Schema(nullable = true) String unreadable) {
    static SlotView of(SlotReading reading) {
        return reading.content()
                .map(SlotView::of)
                .orElseGet(() -> new SlotView(
                        "",
                        "",
                        null,
                        null,
                        null,
                        "",
                        "",
                        false,
                        ((SlotReading.Unreadable) reading).reason(),
                        ((SlotReading.Unreadable) reading).reason()));
    }

    static SlotView of(RadioSlot slot) {
        return new SlotView(
                slot.name(),
                slot.receive().toMegahertzText(),
                slot.transmit().map(Frequency::toMegahertzText).orElse(null),
                slot.talkTone().text().orElse(null),
                slot.listenTone().text().orElse(null),
                slot.emission().name(),
                slot.power().word(),
                slot.scan(),
                slot.words(),
                null);
    }
}
