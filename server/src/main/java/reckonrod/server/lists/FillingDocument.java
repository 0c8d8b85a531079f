package reckonrod.server.lists;

import java.util.List;
import reckonrod.core.list.Filling;

/** What a block is filled with, as it is kept. {@code full} is one of grow, refuse, overflow, and the last names a block. */
public record FillingDocument(
        List<BelongsDocument.SpanDocument> spans,
        List<String> uses,
        Boolean talkTone,
        List<String> emissions,
        List<String> flags,
        List<String> words,
        BelongsDocument.AreaDocument area,
        int spare,
        String full,
        String overflow) {
    static FillingDocument of(Filling filling) {
        BelongsDocument belongs = BelongsDocument.of(filling.belongs());
        return new FillingDocument(
                belongs.spans(),
                belongs.uses(),
                belongs.talkTone(),
                belongs.emissions(),
                belongs.flags(),
                belongs.words(),
                belongs.area(),
                filling.spare(),
                filling.full().grows() ? "grow" : filling.full().passesTo().isPresent() ? "overflow" : "refuse",
                filling.full().passesTo().orElse(null));
    }

    Filling toFilling() {
        return new Filling(
                new BelongsDocument(spans, uses, talkTone, emissions, flags, words, area).toBelongs(),
                spare,
                whenFull());
    }

    private Filling.WhenFull whenFull() {
        return switch (full) {
            case "grow" -> new Filling.WhenFull.Grow();
            case "refuse" -> new Filling.WhenFull.Refuse();
            case "overflow" -> new Filling.WhenFull.Overflow(overflow);
            default ->
                throw new IllegalArgumentException("full must be grow, refuse or overflow, was \"" + full + "\"");
        };
    }
}
