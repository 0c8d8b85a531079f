package reckonrod.core.directory.listing;

import java.util.Comparator;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.datafile.Section;

/**
 * What the words of a heading say of its column.
 *
 * @param thing what it speaks of; absent where it is no frequency, tone or shift
 * @param sides the sides that it names
 * @param owner whose sending and receiving it means; absent where it does not say
 * @param column what it means where it is no frequency, tone or shift
 */
record Heading(Optional<Thing> thing, Set<Side> sides, Optional<Owner> owner, Optional<Column> column) {
    /** What a heading speaks of; of several that it names, the first. */
    enum Thing {
        /** Of something beside a tone or a frequency that no entry keeps, such as the kind of tone. */
        NOTHING,
        TONE,
        CODE,
        SHIFT,
        FREQUENCY
    }

    /** Of which side; what sends and what receives is open while nobody says who. */
    enum Side {
        TALK,
        LISTEN,
        SENDS,
        RECEIVES
    }

    /** Who sends and receives. */
    enum Owner {
        USER,
        REPEATER
    }

    private record Words(
            Map<String, Column> columns,
            Map<String, Thing> things,
            Map<String, Side> sides,
            Map<String, Owner> owners) {}

    private static final Words WORDS =
            DataFile.readResource(Heading.class, "/reckonrod/core/directory/listing/columns.yaml", Heading::words);
    private static final Pattern UNIT = Pattern.compile("(?i)(?<![a-z])([mk]hz)(?![a-z])");
    private static final Pattern HUMP = Pattern.compile("(?<=\\p{Ll})(?=\\p{Lu})|(?<=\\p{Lu})(?=\\p{Lu}\\p{Ll})");
    private static final Pattern NO_LETTERS = Pattern.compile("[^\\p{L}]+");

    private static Words words(Section section) {
        return new Words(
                WordLists.read(section, "columns", "column", Column.class, Column.NOTES),
                WordLists.read(section, "things", "thing", Thing.class, Thing.NOTHING),
                WordLists.read(section, "sides", "side", Side.class, Side.TALK),
                WordLists.read(section, "owners", "owner", Owner.class, Owner.USER));
    }

    static Heading of(String text) {
        // Our own headings are understood as they are written.
        for (Column column : Column.values()) {
            if (column.words().equalsIgnoreCase(text.strip())) {
                return new Heading(Optional.empty(), Set.of(), Optional.empty(), Optional.of(column));
            }
        }
        String apart = HUMP.matcher(
                        UNIT.matcher(text).replaceAll(unit -> unit.group().toLowerCase(Locale.ROOT)))
                .replaceAll(" ");
        String words = " "
                + NO_LETTERS
                        .matcher(apart.toLowerCase(Locale.ROOT))
                        .replaceAll(" ")
                        .strip() + " ";
        Set<Thing> things = named(words, WORDS.things, Thing.class);
        Optional<Thing> thing = things.stream().findFirst();
        Set<Side> sides = named(words, WORDS.sides, Side.class);
        Optional<Column> column = column(words, thing);
        if (column.isPresent()) {
            thing = Optional.empty();
        } else if (thing.isEmpty() && !sides.isEmpty()) {
            // "Output" and "Tx" without another word are frequencies.
            thing = Optional.of(Thing.FREQUENCY);
        }
        Optional<Owner> owner = named(words, WORDS.owners, Owner.class).stream().findFirst();
        return new Heading(thing, sides, owner, column);
    }

    private static <E extends Enum<E>> Set<E> named(String words, Map<String, E> known, Class<E> kind) {
        Set<E> named = EnumSet.noneOf(kind);
        known.forEach((phrase, value) -> {
            if (holds(words, phrase)) {
                named.add(value);
            }
        });
        return named;
    }

    /**
     * A column of another kind; beside a thing only if the thing's word is a part of its own words, as in "call sign", or a unit,
     * as in "Width (kHz)".
     */
    private static Optional<Column> column(String words, Optional<Thing> thing) {
        return WORDS.columns.keySet().stream()
                .filter(each -> holds(words, each))
                .max(Comparator.comparingInt(String::length))
                .filter(phrase -> WORDS.things.entrySet().stream()
                        .filter(each -> thing.equals(Optional.of(each.getValue())) && holds(words, each.getKey()))
                        .filter(each -> !UNIT.matcher(each.getKey()).matches())
                        .allMatch(each -> holds(" " + phrase + " ", each.getKey())))
                .map(WORDS.columns::get);
    }

    private static boolean holds(String words, String phrase) {
        return words.contains(" " + phrase + " ");
    }

    boolean saysNothing() {
        return thing.isEmpty() && column.isEmpty();
    }

    boolean isOfToneOrShift() {
        return is(Thing.TONE) || is(Thing.CODE) || is(Thing.SHIFT);
    }

    boolean is(Thing some) {
        return thing.filter(some::equals).isPresent();
    }

    /** The side that it names, seen by a user; absent where it names none, or both. */
    Optional<Side> side() {
        if (sides.size() != 1) {
            return Optional.empty();
        }
        Side named = sides.iterator().next();
        if (owner.isEmpty() || named == Side.TALK || named == Side.LISTEN) {
            return Optional.of(named);
        }
        return Optional.of(seen(named, owner.get()));
    }

    /** What sending and receiving is to a user. */
    static Side seen(Side side, Owner by) {
        return switch (side) {
            case SENDS -> by == Owner.USER ? Side.TALK : Side.LISTEN;
            case RECEIVES -> by == Owner.USER ? Side.LISTEN : Side.TALK;
            case TALK, LISTEN -> side;
        };
    }

    /** Whether it names more sides than one, so that nobody knows which of them a cell means. */
    boolean isOfSeveralSides() {
        return sides.size() > 1;
    }
}
