package reckonrod.server.lists;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.channel.Emission;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.FrequencyRange;
import reckonrod.core.list.Belongs;
import reckonrod.core.list.Filling;

/** What a block is filled with, as it is kept. {@code full} is one of grow, refuse, overflow, and the last names a block. */
public record FillingDocument(
        List<SpanDocument> spans,
        List<String> uses,
        Boolean talkTone,
        List<String> emissions,
        List<String> flags,
        List<String> words,
        int spare,
        String full,
        String overflow) {
    /** A stretch of frequencies with its name. */
    public record SpanDocument(String words, long lowerHz, long upperHz) {}

    static FillingDocument of(Filling filling) {
        Belongs belongs = filling.belongs();
        return new FillingDocument(
                belongs.spans().stream()
                        .map(each -> new SpanDocument(
                                each.words(),
                                each.range().lower().hertz(),
                                each.range().upper().hertz()))
                        .toList(),
                names(belongs.uses()),
                belongs.talkTone().orElse(null),
                names(belongs.emissions()),
                names(belongs.flags()),
                belongs.words(),
                filling.spare(),
                filling.full().grows() ? "grow" : filling.full().passesTo().isPresent() ? "overflow" : "refuse",
                filling.full().passesTo().orElse(null));
    }

    private static List<String> names(Collection<? extends Enum<?>> values) {
        return values.stream().map(Enum::name).toList();
    }

    Filling toFilling() {
        return new Filling(
                new Belongs(
                        spans.stream()
                                .map(each -> new Belongs.Span(
                                        each.words(),
                                        new FrequencyRange(
                                                Frequency.ofHertz(each.lowerHz()), Frequency.ofHertz(each.upperHz()))))
                                .toList(),
                        uses.stream().map(Belongs.Use::valueOf).collect(Collectors.toSet()),
                        Optional.ofNullable(talkTone),
                        emissions.stream().map(Emission::valueOf).collect(Collectors.toSet()),
                        flags.stream().map(DirectoryFlag::valueOf).collect(Collectors.toSet()),
                        words),
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
