package reckonrod.core.list;

import java.util.Comparator;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** An order that channels can be put in. Where two are alike in it, they stay as they stood. */
public enum Ordering {
    /** By the frequency that is listened on, rising. */
    FREQUENCY("frequency", Comparator.comparing(entry -> entry.channel().receive())),
    /** By name, figures in names by their size: {@code LEG 2} before {@code LEG 10}; channels without one behind. */
    NAME("name", Comparator.comparing(Ordering::name)),
    /** Simplex first, then with a talk frequency of their own, then listen-only; by frequency within each. */
    USE(
            "use",
            Comparator.<ListEntry>comparingInt(Ordering::use)
                    .thenComparing(entry -> entry.channel().receive())),
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

    Ordering(String words, Comparator<ListEntry> comparator) {
        this.words = words;
        this.comparator = comparator;
    }

    /** The order in words, as after "by". */
    public String words() {
        return words;
    }

    Comparator<ListEntry> comparator() {
        return comparator;
    }

    private static String name(ListEntry entry) {
        String name = entry.channel().name().toUpperCase(Locale.ROOT);
        if (name.isEmpty()) {
            return "\uffff";
        }
        Matcher figures = FIGURES.matcher(name);
        return figures.replaceAll(found ->
                "0".repeat(Math.max(0, 12 - found.group().length())) + found.group());
    }

    private static int use(ListEntry entry) {
        return entry.channel().transmit().isEmpty()
                ? 2
                : entry.channel().transmit().get().equals(entry.channel().receive()) ? 0 : 1;
    }
}
