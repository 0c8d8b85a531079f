package reckonrod.server.lists;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.channel.Emission;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.FrequencyRange;
import reckonrod.core.geography.Position;
import reckonrod.core.list.Area;
import reckonrod.core.list.Belongs;

/** Which channels belong somewhere, as it is kept. */
public record BelongsDocument(
        List<SpanDocument> spans,
        List<String> uses,
        Boolean talkTone,
        List<String> emissions,
        List<String> flags,
        List<String> words,
        AreaDocument area) {
    /** A stretch of frequencies with its name. */
    public record SpanDocument(String words, long lowerHz, long upperHz) {}

    /** All within a distance of a place. */
    public record AreaDocument(String place, double latitude, double longitude, double kilometres) {
        Area toArea() {
            return new Area(place, new Position(latitude, longitude), kilometres);
        }
    }

    static BelongsDocument of(Belongs belongs) {
        return new BelongsDocument(
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
                belongs.area()
                        .map(each -> new AreaDocument(
                                each.place(),
                                each.centre().latitudeDegrees(),
                                each.centre().longitudeDegrees(),
                                each.kilometres()))
                        .orElse(null));
    }

    private static List<String> names(Collection<? extends Enum<?>> values) {
        return values.stream().map(Enum::name).toList();
    }

    Belongs toBelongs() {
        return new Belongs(
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
                words,
                Optional.ofNullable(area).map(AreaDocument::toArea));
    }
}
