package reckonrod.server.arrange;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.channel.Emission;
import reckonrod.core.list.Belongs;
import reckonrod.core.list.Block;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.Filling;
import reckonrod.server.arrange.ManyEdits.Kind;

/**
 * What a block is filled with, on the wire. What is empty is not asked.
 *
 * @param bands names of bands of the list's plan
 * @param talkTone whether with a talk tone or without; nothing if that does not matter
 * @param flags words of what a directory says besides, such as linked
 * @param words parts of names
 * @param spare how many slots at the end are kept free
 * @param overflow the block that gets what finds no room, if {@code full} says so
 */
record FillingView(
        @NotNull(message = EditRequest.NEEDED) List<@NotNull(message = EditRequest.NEEDED) String> bands,
        @NotNull(message = EditRequest.NEEDED) List<@NotNull(message = EditRequest.NEEDED) Use> uses,
        @Schema(nullable = true) Boolean talkTone,
        @NotNull(message = EditRequest.NEEDED) List<@NotNull(message = EditRequest.NEEDED) Kind> kinds,
        @NotNull(message = EditRequest.NEEDED) List<@NotNull(message = EditRequest.NEEDED) String> flags,

        @NotNull(message = EditRequest.NEEDED) @Size(max = 20, message = "must be at most 20 words")
        List<@NotBlank(message = EditRequest.BLANK) @Size(max = 32, message = "must be at most 32 characters") String>
                words,

        @Min(value = 0, message = "must be 0 to 999")
        @Max(value = 999, message = "must be 0 to 999")
        @NotNull(message = EditRequest.NEEDED)
        Integer spare,

        @NotNull(message = EditRequest.NEEDED) Full full,
        @Schema(nullable = true) String overflow) {
    /** Where channels talk. */
    enum Use {
        simplex,
        repeater,
        listen_only
    }

    /** What becomes of a channel that finds no room. */
    enum Full {
        grow,
        refuse,
        overflow
    }

    static FillingView of(Filling filling) {
        Belongs belongs = filling.belongs();
        return new FillingView(
                names(belongs.spans()),
                belongs.uses().stream()
                        .map(each -> Use.valueOf(each.name().toLowerCase(Locale.ROOT)))
                        .toList(),
                belongs.talkTone().orElse(null),
                belongs.emissions().stream()
                        .map(each -> Kind.valueOf(each.name()))
                        .toList(),
                belongs.flags().stream().map(DirectoryFlag::words).toList(),
                belongs.words(),
                filling.spare(),
                filling.full().grows()
                        ? Full.grow
                        : filling.full().passesTo().isPresent() ? Full.overflow : Full.refuse,
                filling.full().passesTo().orElse(null));
    }

    /**
     * As the core has it.
     *
     * @throws IllegalArgumentException if it names what there is not, in words
     */
    Filling read(ChannelList list, BandPlan plan) {
        return new Filling(
                new Belongs(
                        bands.stream()
                                .distinct()
                                .flatMap(each -> spans(each, list, plan))
                                .toList(),
                        uses.stream()
                                .map(each -> Belongs.Use.valueOf(each.name().toUpperCase(Locale.ROOT)))
                                .collect(Collectors.toSet()),
                        Optional.ofNullable(talkTone),
                        kinds.stream()
                                .map(each -> Emission.valueOf(each.name()))
                                .collect(Collectors.toSet()),
                        flags.stream().map(FillingView::flag).collect(Collectors.toSet()),
                        words),
                spare,
                whenFull());
    }

    private Filling.WhenFull whenFull() {
        if (full == Full.overflow && (overflow == null || overflow.isBlank())) {
            throw new IllegalArgumentException("overflow must name the block that gets what finds no room");
        }
        return switch (full) {
            case grow -> new Filling.WhenFull.Grow();
            case refuse -> new Filling.WhenFull.Refuse();
            case overflow -> new Filling.WhenFull.Overflow(overflow);
        };
    }

    /** What the plan calls so, or else a block of the list, from when it went by another plan. */
    private static Stream<Belongs.Span> spans(String name, ChannelList list, BandPlan plan) {
        List<Belongs.Span> ofPlan = Belongs.spans(plan);
        List<Belongs.Span> named = Stream.of(
                        ofPlan,
                        list.blocks().stream()
                                .map(Block::filling)
                                .flatMap(Optional::stream)
                                .flatMap(filling -> filling.belongs().spans().stream())
                                .toList())
                .map(all -> all.stream()
                        .filter(each -> each.words().equals(name))
                        .distinct()
                        .toList())
                .filter(each -> !each.isEmpty())
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "band must be one of " + String.join(", ", names(ofPlan)) + ", was \"" + name + "\""));
        return named.stream();
    }

    /** Names, each once. */
    static List<String> names(List<Belongs.Span> spans) {
        return spans.stream().map(Belongs.Span::words).distinct().toList();
    }

    private static DirectoryFlag flag(String words) {
        return Arrays.stream(DirectoryFlag.values())
                .filter(each -> each.words().equals(words))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("flag must be one of "
                        + Arrays.stream(DirectoryFlag.values())
                                .map(DirectoryFlag::words)
                                .collect(Collectors.joining(", "))
                        + ", was \"" + words + "\""));
    }
}
