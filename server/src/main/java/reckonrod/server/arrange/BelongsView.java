package reckonrod.server.arrange;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.channel.Emission;
import reckonrod.core.geography.OutlineReader;
import reckonrod.core.list.Area;
import reckonrod.core.list.Belongs;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.Filling;
import reckonrod.core.list.Spot;
import reckonrod.server.arrange.ManyEdits.Kind;

/**
 * Which channels belong somewhere, on the wire. What is empty is not asked.
 *
 * @param bands names of bands of the list's plan
 * @param talkTone whether with a talk tone or without; nothing if that does not matter
 * @param flags words of what a directory says besides, such as linked
 * @param words parts of names
 * @param area where it stands
 */
record BelongsView(
        @NotNull(message = EditRequest.NEEDED) List<@NotNull(message = EditRequest.NEEDED) String> bands,
        @NotNull(message = EditRequest.NEEDED) List<@NotNull(message = EditRequest.NEEDED) Use> uses,
        @Schema(nullable = true) Boolean talkTone,
        @NotNull(message = EditRequest.NEEDED) List<@NotNull(message = EditRequest.NEEDED) Kind> kinds,
        @NotNull(message = EditRequest.NEEDED) List<@NotNull(message = EditRequest.NEEDED) String> flags,

        @NotNull(message = EditRequest.NEEDED) @Size(max = 20, message = "must be at most 20 words")
        List<@NotBlank(message = EditRequest.BLANK) @Size(max = 32, message = "must be at most 32 characters") String>
                words,

        @Valid @Schema(nullable = true) AreaView area) {
    /** Where channels talk. */
    enum Use {
        simplex,
        repeater,
        listen_only
    }

    /** An area: one of the two. */
    record AreaView(
            @Valid @Schema(nullable = true) CircleView circle,
            @Valid @Schema(nullable = true) BorderView outline) {
        static AreaView of(Area area) {
            return area instanceof Area.Circle circle
                    ? new AreaView(
                            new CircleView(SpotView.of(new Spot(circle.place(), circle.centre())), circle.kilometres()),
                            null)
                    : new AreaView(null, BorderView.of((Area.Outline) area));
        }

        Area read(Function<SpotView, Spot> where) {
            if ((circle == null) == (outline == null)) {
                throw new IllegalArgumentException("An area must be a circle or an outline, one of the two");
            }
            if (circle == null) {
                return new Area.Outline(outline.name().strip(), OutlineReader.parse(outline.corners()));
            }
            Spot centre = where.apply(circle.centre());
            return new Area.Circle(centre.name(), centre.position(), circle.kilometres());
        }
    }

    /** Within a distance of a place. */
    record CircleView(
            @NotNull(message = EditRequest.NEEDED) @Valid SpotView centre,

            @NotNull(message = EditRequest.NEEDED)
            @DecimalMin(value = "0.1", message = "must be 0.1 to 20100 km")
            @DecimalMax(value = "20100", message = "must be 0.1 to 20100 km")
            Double kilometres) {}

    /**
     * Inside an outline.
     *
     * @param corners a place on each line, in any form; or GeoJSON with one polygon
     */
    record BorderView(
            @NotBlank(message = EditRequest.BLANK) @Size(max = 80, message = "must be at most 80 characters")
            String name,

            @NotBlank(message = EditRequest.BLANK) @Size(max = 100_000, message = "must be at most 100000 characters")
            String corners) {
        static BorderView of(Area.Outline outline) {
            return new BorderView(
                    outline.name(),
                    outline.corners().stream()
                            .map(each -> each.latitudeDegrees() + ", " + each.longitudeDegrees())
                            .collect(Collectors.joining("\n")));
        }
    }

    static BelongsView of(Belongs belongs) {
        return new BelongsView(
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
                belongs.area().map(AreaView::of).orElse(null));
    }

    /**
     * As the core has it.
     *
     * @param where looks up where a place is
     * @throws IllegalArgumentException if it names what there is not, in words
     */
    Belongs read(ChannelList list, BandPlan plan, Function<SpotView, Spot> where) {
        return new Belongs(
                bands.stream()
                        .distinct()
                        .flatMap(each -> spans(each, list, plan))
                        .toList(),
                uses.stream()
                        .map(each -> Belongs.Use.valueOf(each.name().toUpperCase(Locale.ROOT)))
                        .collect(Collectors.toSet()),
                Optional.ofNullable(talkTone),
                kinds.stream().map(each -> Emission.valueOf(each.name())).collect(Collectors.toSet()),
                flags.stream().map(BelongsView::flag).collect(Collectors.toSet()),
                words,
                Optional.ofNullable(area).map(each -> each.read(where)));
    }

    /** What the plan calls so, or else a block of the list, from when it went by another plan. */
    private static Stream<Belongs.Span> spans(String name, ChannelList list, BandPlan plan) {
        List<Belongs.Span> ofPlan = Belongs.spans(plan);
        List<Belongs.Span> named = Stream.of(
                        ofPlan,
                        Stream.concat(
                                        list.blocks().stream()
                                                .flatMap(block -> block.filling().stream())
                                                .map(Filling::belongs),
                                        list.scanning().banks().stream()
                                                .flatMap(bank -> bank.rule().stream())
                                                .flatMap(rule -> rule.belongs().stream()))
                                .flatMap(belongs -> belongs.spans().stream())
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
