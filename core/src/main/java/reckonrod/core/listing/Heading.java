package reckonrod.core.listing;

import java.text.Normalizer;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
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
 * @param unkept whether it is understood and no part of a channel, such as a distance
 */
record Heading(Optional<Thing> thing, Set<Side> sides, Optional<Owner> owner, Optional<Column> column, boolean unkept) {
    /** What a heading speaks of; of several that it names, the first. */
    enum Thing {
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
            Map<String, Column> alone,
            Set<String> unkept,
            Map<String, Thing> things,
            Map<String, Side> sides,
            Map<String, Owner> owners) {}

    private static final Pattern UNIT = Pattern.compile("(?i)(?<![a-z])([mk]hz)(?![a-z])");
    private static final Pattern HUMP = Pattern.compile("(?<=\\p{Ll})(?=\\p{Lu})|(?<=\\p{Lu})(?=\\p{Lu}\\p{Ll})");
    private static final Pattern MARKS = Pattern.compile("\\p{M}+");
    private static final Pattern NO_LETTERS = Pattern.compile("[^\\p{L}]+");
    private static final Words WORDS =
            DataFile.readResource(Heading.class, "/reckonrod/core/listing/columns.yaml", Heading::words);

    private static Words words(Section section) {
        return new Words(
                folded(WordLists.read(section, "columns", "column", Column.class, Column.NOTES)),
                folded(WordLists.read(section, "alone", "column", Column.class, Column.NOTES)),
                new HashSet<>(section.values("unkept", Function.identity())),
                folded(WordLists.read(section, "things", "thing", Thing.class, Thing.TONE)),
                folded(WordLists.read(section, "sides", "side", Side.class, Side.TALK)),
                folded(WordLists.read(section, "owners", "owner", Owner.class, Owner.USER)));
    }

    private static <E> Map<String, E> folded(Map<String, E> words) {
        Map<String, E> folded = new LinkedHashMap<>();
        words.forEach((word, value) -> folded.putIfAbsent(fold(word), value));
        return folded;
    }

    /** Lower case without accents: people leave them out, and so do programs. */
    private static String fold(String text) {
        String lower = text.toLowerCase(Locale.ROOT)
                .replace("\u00df", "ss")
                .replace("\u00f8", "o")
                .replace("\u0142", "l")
                .replace("\u0131", "i")
                .replace("\u0111", "d")
                .replace("\u00e6", "ae")
                .replace("\u0153", "oe");
        return MARKS.matcher(Normalizer.normalize(lower, Normalizer.Form.NFKD)).replaceAll("");
    }

    static Heading of(String text) {
        // Our own headings are understood as they are written.
        for (Column column : Column.values()) {
            if (column.words().equalsIgnoreCase(text.strip())) {
                return new Heading(Optional.empty(), Set.of(), Optional.empty(), Optional.of(column), false);
            }
        }
        String apart = HUMP.matcher(
                        UNIT.matcher(text).replaceAll(unit -> unit.group().toLowerCase(Locale.ROOT)))
                .replaceAll(" ");
        String plain = NO_LETTERS.matcher(fold(apart)).replaceAll(" ").strip();
        String words = " " + plain + " ";
        Column alone = WORDS.alone.get(plain);
        if (alone != null) {
            return new Heading(Optional.empty(), Set.of(), Optional.empty(), Optional.of(alone), false);
        }
        Set<Thing> things = named(words, WORDS.things, Thing.class);
        Optional<Thing> thing = things.stream().findFirst();
        Set<Side> sides = named(words, WORDS.sides, Side.class);
        Optional<String> unkept = longest(words, WORDS.unkept);
        Optional<String> phrase = column(words, thing);
        if (unkept.isPresent()
                && phrase.filter(each -> each.length() >= unkept.get().length()).isEmpty()
                && (thing.isEmpty() || plain.equals(unkept.get()))
                && sides.isEmpty()) {
            return new Heading(Optional.empty(), Set.of(), Optional.empty(), Optional.empty(), true);
        }
        Optional<Column> column = phrase.map(WORDS.columns::get);
        if (column.isPresent()) {
            thing = Optional.empty();
        } else if (thing.isEmpty() && !sides.isEmpty()) {
            // "Output" and "Tx" without another word are frequencies.
            thing = Optional.of(Thing.FREQUENCY);
        }
        Optional<Owner> owner = named(words, WORDS.owners, Owner.class).stream().findFirst();
        return new Heading(thing, sides, owner, column, false);
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
    private static Optional<String> column(String words, Optional<Thing> thing) {
        return longest(words, WORDS.columns.keySet())
                .filter(phrase -> WORDS.things.entrySet().stream()
                        .filter(each -> thing.equals(Optional.of(each.getValue())) && holds(words, each.getKey()))
                        .filter(each -> !UNIT.matcher(each.getKey()).matches())
                        .allMatch(each -> holds(" " + phrase + " ", each.getKey())));
    }

    private static Optional<String> longest(String words, Set<String> phrases) {
        return phrases.stream().filter(each -> holds(words, each)).max(Comparator.comparingInt(String::length));
    }

    private static boolean holds(String words, String phrase) {
        return words.contains(" " + phrase + " ");
    }

    boolean saysNothing() {
        return thing.isEmpty() && column.isEmpty() && !unkept;
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
