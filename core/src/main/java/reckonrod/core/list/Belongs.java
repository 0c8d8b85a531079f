package reckonrod.core.list;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.channel.Emission;
import reckonrod.core.frequency.FrequencyRange;

/**
 * Which channels belong into a block. What is left empty is not asked; the rest must all be so.
 *
 * @param spans it listens in one of these
 * @param uses it talks in one of these ways
 * @param talkTone it has a talk tone, or has none; asked of channels that talk
 * @param emissions its kind is one of these
 * @param flags it has one of these
 * @param words one of these is in its name, in whatever case
 * @param area it was taken from a repeater that stands there; one whose place is not known stands nowhere
 */
public record Belongs(
        List<Span> spans,
        Set<Use> uses,
        Optional<Boolean> talkTone,
        Set<Emission> emissions,
        Set<DirectoryFlag> flags,
        List<String> words,
        Optional<Area> area) {
    /**
     * A stretch of frequencies.
     *
     * @param words what people call it, such as 2 m
     * @param range its ends, both inside
     */
    public record Span(String words, FrequencyRange range) {
        public Span {
            if (words.isBlank()) {
                throw new IllegalArgumentException("A span must have a name, was of " + range);
            }
        }
    }

    /** What the calling frequencies of a plan are called together. */
    public static final String CALLING = "calling frequencies";

    /** The stretches that a plan has a name for: its bands, and its calling frequencies under one name. */
    public static List<Span> spans(BandPlan plan) {
        return Stream.concat(
                        plan.bands().stream().map(band -> new Span(band.name(), band.range())),
                        plan.bands().stream()
                                .flatMap(band -> band.calling().stream())
                                .map(each -> new Span(CALLING, new FrequencyRange(each, each))))
                .toList();
    }

    /** Where a channel talks. */
    public enum Use {
        /** Where it listens. */
        SIMPLEX("simplex"),
        /** Somewhere else, as through a repeater. */
        REPEATER("repeaters"),
        /** Never. */
        LISTEN_ONLY("listen-only");

        private final String words;

        Use(String words) {
            this.words = words;
        }

        /** How a channel is used. */
        public static Use of(Channel channel) {
            return channel.transmit().isEmpty() ? LISTEN_ONLY : channel.isSimplex() ? SIMPLEX : REPEATER;
        }

        /** In words, of several channels. */
        public String words() {
            return words;
        }
    }

    public Belongs {
        spans = List.copyOf(spans);
        uses = ordered(uses);
        emissions = ordered(emissions);
        flags = ordered(flags);
        words = words.stream().map(String::strip).toList();
        if (words.contains("")) {
            throw new IllegalArgumentException("A word to look for in names must not be empty");
        }
        if (spans.isEmpty()
                && uses.isEmpty()
                && talkTone.isEmpty()
                && emissions.isEmpty()
                && flags.isEmpty()
                && words.isEmpty()
                && area.isEmpty()) {
            throw new IllegalArgumentException(
                    "What belongs into a block must be said: a band, a use, tone or none, a kind, a flag, words, or an area");
        }
    }

    private static <E extends Enum<E>> Set<E> ordered(Set<E> values) {
        return values.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(values));
    }

    /** Whether a channel belongs there. */
    public boolean holds(ListEntry entry) {
        return holds(entry.channel()) && area.filter(each -> !isIn(each, entry)).isEmpty();
    }

    private static boolean isIn(Area area, ListEntry entry) {
        return entry.origin().flatMap(Origin::position).filter(area::contains).isPresent();
    }

    private boolean holds(Channel channel) {
        String name = channel.name().toUpperCase(Locale.ROOT);
        return (spans.isEmpty() || spans.stream().anyMatch(each -> each.range().contains(channel.receive())))
                && (uses.isEmpty() || uses.contains(Use.of(channel)))
                && talkTone.filter(with -> channel.transmit().isEmpty()
                                || with != channel.talkTone().isPresent())
                        .isEmpty()
                && (emissions.isEmpty() || emissions.contains(channel.emission()))
                && (flags.isEmpty() || flags.stream().anyMatch(channel.flags()::contains))
                && (words.isEmpty() || words.stream().anyMatch(each -> name.contains(each.toUpperCase(Locale.ROOT))));
    }

    /** In words: "2 m, repeaters, with a talk tone". */
    public String said() {
        List<String> parts = new ArrayList<>();
        add(parts, spans.stream().map(Span::words).distinct().toList());
        add(parts, uses.stream().map(Use::words).toList());
        talkTone.ifPresent(with -> parts.add(with ? "with a talk tone" : "without a talk tone"));
        add(parts, emissions.stream().map(Emission::name).toList());
        add(parts, flags.stream().map(DirectoryFlag::words).toList());
        add(parts, words.stream().map(each -> '"' + each + '"').toList());
        area.ifPresent(each -> parts.add(each.said()));
        return String.join(", ", parts);
    }

    private static void add(List<String> parts, List<String> either) {
        if (!either.isEmpty()) {
            parts.add(either.stream().collect(Collectors.joining(" or ")));
        }
    }
}
