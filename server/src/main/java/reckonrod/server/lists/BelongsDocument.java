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

    /** All within a distance of a place, or inside of corners, each its latitude and longitude. */
    public record AreaDocument(
            String place, Double latitude, Double longitude, Double kilometres, List<List<Double>> corners) {
        static AreaDocument of(Area area) {
            if (area instanceof Area.Outline outline) {
                return new AreaDocument(
                        outline.name(),
                        null,
                        null,
                        null,
                        outline.corners().stream()
                                .map(each -> List.of(each.latitudeDegrees(), each.longitudeDegrees()))
                                .toList());
            }
            Area.Circle circle = (Area.Circle) area;
            return new AreaDocument(
                    circle.place(),
                    circle.centre().latitudeDegrees(),
                    circle.centre().longitudeDegrees(),
                    circle.kilometres(),
                    null);
        }

        Area toArea() {
            if (corners != null) {
                return new Area.Outline(
                        place,
                        corners.stream()
                                .map(each -> new Position(each.get(0), each.get(1)))
                                .toList());
            }
            if (latitude == null || longitude == null || kilometres == null) {
                throw new IllegalArgumentException(
                        "The area of " + place + " must say how far around where it is, or its corners");
            }
            return new Area.Circle(place, new Position(latitude, longitude), kilometres);
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
                belongs.area().map(AreaDocument::of).orElse(null));
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
