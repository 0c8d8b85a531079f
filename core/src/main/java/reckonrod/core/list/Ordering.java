package reckonrod.core.list;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import reckonrod.core.geography.Position;
import reckonrod.core.geography.Route;

/** An order that channels can be put in. Where two are alike in it, they stay as they stood. */
public sealed interface Ordering {
    /** The order in words, as after "by". */
    String words();

    /** The channels in this order. */
    List<ListEntry> sorted(List<ListEntry> channels);

    /** An order that the channels themselves give. */
    enum By implements Ordering {
        /** By the frequency that is listened on, rising. */
        FREQUENCY("frequency", Comparator.comparing(entry -> entry.channel().receive())),
        /** By name, figures in names by their size: {@code LEG 2} before {@code LEG 10}; channels without one behind. */
        NAME("name", Comparator.comparing(entry -> text(entry.channel().name()))),
        /** By the call sign of the repeater they were taken from; those of none behind. */
        CALL_SIGN(
                "call sign",
                Comparator.comparing(
                        entry -> text(entry.origin().map(Origin::callSign).orElse("")))),
        /** Simplex first, then with a talk frequency of their own, then listen-only; by frequency within each. */
        USE(
                "use",
                Comparator.<ListEntry>comparingInt(By::use)
                        .thenComparing(entry -> entry.channel().receive())),
        /** By rank, what matters most first; what has none behind. */
        RANK("rank", Comparator.comparingInt(entry -> entry.standing().rank().orElse(Standing.LOWEST_RANK + 1))),
        /** By the day on which they were answered last, the newest first; what never was behind. */
        LAST_PROVEN(
                "last proven",
                Comparator.comparing(
                        (ListEntry entry) -> entry.standing().proven().orElse(LocalDate.MIN),
                        Comparator.reverseOrder())),
        /** By what was not proven for longest: what never was first, then the oldest day. */
        NOT_PROVEN(
                "longest not proven",
                Comparator.comparing(entry -> entry.standing().proven().orElse(LocalDate.MIN))),
        /** By talk tone: without one first, then by its words; by frequency within each. */
        TALK_TONE(
                "talk tone",
                Comparator.<ListEntry, String>comparing(
                                entry -> entry.channel().talkTone().text().orElse(""))
                        .thenComparing(entry -> entry.channel().receive()));

        private static final Pattern FIGURES = Pattern.compile("\\d+");

        private final String words;

        @SuppressWarnings("ImmutableEnumChecker") // Comparators without state.
        private final Comparator<ListEntry> comparator;

        By(String words, Comparator<ListEntry> comparator) {
            this.words = words;
            this.comparator = comparator;
        }

        @Override
        public String words() {
            return words;
        }

        @Override
        public List<ListEntry> sorted(List<ListEntry> channels) {
            return channels.stream().sorted(comparator).toList();
        }

        private static String text(String words) {
            if (words.isEmpty()) {
                return "\uffff";
            }
            Matcher figures = FIGURES.matcher(words.toUpperCase(Locale.ROOT));
            return figures.replaceAll(found ->
                    "0".repeat(Math.max(0, 12 - found.group().length())) + found.group());
        }

        private static int use(ListEntry entry) {
            return entry.channel().transmit().isEmpty()
                    ? 2
                    : entry.channel().transmit().get().equals(entry.channel().receive()) ? 0 : 1;
        }
    }

    /**
     * By distance from a place, the nearest first; channels whose place is not known behind, as they stand.
     *
     * @param place what the place is called, not blank
     * @param from where it is
     */
    record Distance(String place, Position from) implements Ordering {
        public Distance {
            if (place.isBlank()) {
                throw new IllegalArgumentException("The place that distances are taken from must have a name");
            }
        }

        @Override
        public String words() {
            return "distance from " + place;
        }

        @Override
        public List<ListEntry> sorted(List<ListEntry> channels) {
            Map<UUID, Double> metres = new HashMap<>();
            channels.forEach(each -> metres.put(each.id(), metres(each)));
            return channels.stream()
                    .sorted(Comparator.comparingDouble(each -> metres.get(each.id())))
                    .toList();
        }

        private double metres(ListEntry entry) {
            Optional<Position> position = entry.origin().flatMap(Origin::position);
            return position.map(each -> from.to(each).metres()).orElse(Double.MAX_VALUE);
        }
    }

    /**
     * By how far along a way they stand, in driving order; channels whose place is not known behind, as they stand.
     *
     * @param places what the way leads by, 2 to {@link #MOST_PLACES}; at least two of them apart
     */
    record Along(List<Spot> places) implements Ordering {
        /** The most places of a way. */
        public static final int MOST_PLACES = 50;

        public Along {
            places = List.copyOf(places);
            if (places.size() > MOST_PLACES) {
                throw new IllegalArgumentException(
                        "A way must lead by at most " + MOST_PLACES + " places, was " + places.size());
            }
            way(places);
        }

        private static Route way(List<Spot> places) {
            return Route.along(places.stream().map(Spot::position).toList());
        }

        @Override
        public String words() {
            return "the way " + places.stream().map(Spot::name).collect(Collectors.joining("–"));
        }

        @Override
        public List<ListEntry> sorted(List<ListEntry> channels) {
            Route way = way(places);
            Map<UUID, Double> metres = new HashMap<>();
            channels.forEach(each -> metres.put(
                    each.id(),
                    each.origin()
                            .flatMap(Origin::position)
                            .map(site -> way.nearest(site).metres())
                            .orElse(Double.MAX_VALUE)));
            return channels.stream()
                    .sorted(Comparator.comparingDouble(each -> metres.get(each.id())))
                    .toList();
        }
    }
}
