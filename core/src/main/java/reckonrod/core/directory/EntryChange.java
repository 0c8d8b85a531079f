package reckonrod.core.directory;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.geography.Position;

/**
 * One thing that an entry now says otherwise.
 *
 * @param what the thing, in words
 * @param before what it said; {@code nothing} if it was silent
 * @param after what it says now
 */
public record EntryChange(String what, String before, String after) {
    private static final String NOTHING = "nothing";

    private record Aspect(String what, Function<DirectoryEntry, String> text) {}

    private static final List<Aspect> ASPECTS = List.of(
            new Aspect("call sign", DirectoryEntry::callSign),
            new Aspect("site", entry -> entry.site().name()),
            new Aspect("area", entry -> entry.site().area()),
            new Aspect(
                    "position",
                    entry -> entry.site().position().map(Position::toString).orElse("")),
            new Aspect("ground", entry -> figure(entry.site().groundMetres(), " m")),
            new Aspect("antenna", entry -> figure(entry.site().antennaMetres(), " m")),
            new Aspect("output", entry -> entry.signal().output().toString()),
            new Aspect("input", EntryChange::input),
            new Aspect("talk tone", entry -> entry.signal().talkTone().text().orElse("")),
            new Aspect(
                    "listen tone", entry -> entry.signal().listenTone().text().orElse("")),
            new Aspect("mode", entry -> entry.signal().mode().word()),
            new Aspect("power", entry -> figure(entry.signal().watts(), " W")),
            new Aspect("state", entry -> entry.standing().state().words()),
            new Aspect("flags", EntryChange::flags),
            new Aspect(
                    "confirmed",
                    entry -> entry.standing()
                            .confirmedOn()
                            .map(LocalDate::toString)
                            .orElse("")),
            new Aspect("confirmed by", entry -> entry.standing().confirmedBy()),
            new Aspect("sponsor", entry -> entry.standing().sponsor()),
            new Aspect("notes", entry -> entry.standing().notes()));

    /** Everything that differs, in a steady order. */
    public static List<EntryChange> between(DirectoryEntry before, DirectoryEntry after) {
        List<EntryChange> changes = new ArrayList<>();
        for (Aspect aspect : ASPECTS) {
            String was = aspect.text.apply(before);
            String is = aspect.text.apply(after);
            if (!was.equals(is)) {
                changes.add(new EntryChange(aspect.what, was.isEmpty() ? NOTHING : was, is.isEmpty() ? NOTHING : is));
            }
        }
        return changes;
    }

    private static String input(DirectoryEntry entry) {
        return entry.signal()
                .input()
                .frequency(entry.signal().output())
                .map(Object::toString)
                .orElseGet(() -> entry.signal().input().words().strip());
    }

    private static String flags(DirectoryEntry entry) {
        return entry.standing().flags().stream().map(DirectoryFlag::words).collect(Collectors.joining(", "));
    }

    private static String figure(OptionalDouble value, String unit) {
        if (value.isEmpty()) {
            return "";
        }
        double figure = value.getAsDouble();
        return (figure == Math.rint(figure) ? String.valueOf((long) figure) : String.valueOf(figure)) + unit;
    }

    @Override
    public String toString() {
        return what + " " + before + " → " + after;
    }
}
