package reckonrod.core.notation;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import reckonrod.core.channel.EmissionDesignator;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.datafile.Section;
import reckonrod.core.tone.ToneTable;

/**
 * The words of the notation, from the file {@code vocabulary.yaml}: what each one does in a line. The notation card is made
 * from the same entries, so that what is read and what is told cannot part.
 */
public final class Vocabulary {
    private static final Vocabulary SHIPPED =
            DataFile.readResource(Vocabulary.class, "vocabulary.yaml", Vocabulary::read);
    private static final int LEAST_NEAR_LETTERS = 5;

    /**
     * Words of one meaning, as the notation card shows them.
     *
     * @param means what they mean, in a few words
     * @param words the words, best first
     * @param example a line that uses one, to be tried
     */
    public record CardEntry(String means, List<String> words, String example) {
        public CardEntry {
            words = List.copyOf(words);
        }
    }

    /** A word or a run of words with its meaning. */
    record Entry(Role role, boolean glued, boolean behind, boolean inNames) {}

    /** One step of a run of words. */
    static final class Node {
        private final Map<String, Node> next = new HashMap<>();
        private Entry entry;

        Node step(String word) {
            return next.get(word);
        }

        Entry entry() {
            return entry;
        }
    }

    private final Node words = new Node();
    private final Node units = new Node();
    private final Set<String> known = new HashSet<>();
    /** Words that a slip may hide; everyday words are too near to the names of places. */
    private final Set<String> telling = new HashSet<>();

    private final List<CardEntry> card = new ArrayList<>();
    private final Map<Integer, List<String>> byLength = new LinkedHashMap<>();

    private Vocabulary() {}

    static Vocabulary shipped() {
        return SHIPPED;
    }

    /** The entries of the notation card, in the order of the file. */
    public static List<CardEntry> card() {
        return List.copyOf(SHIPPED.card);
    }

    private static Vocabulary read(Section file) {
        Vocabulary vocabulary = new Vocabulary();
        file.sections("entries", section -> {
            vocabulary.add(section);
            return section;
        });
        vocabulary.telling.stream()
                .filter(word ->
                        word.length() >= LEAST_NEAR_LETTERS && word.chars().allMatch(Character::isLetter))
                .sorted()
                .forEach(word -> vocabulary
                        .byLength
                        .computeIfAbsent(word.length(), length -> new ArrayList<>())
                        .add(word));
        return vocabulary;
    }

    private void add(Section section) {
        Entry entry = new Entry(
                section.value("role", Role::parse, Role.FILLER),
                is(section, "glued"),
                is(section, "behind"),
                is(section, "in_names"));
        List<String> shown = section.values("words", word -> word);
        String means = section.text("means");
        section.optionalText("example").ifPresent(example -> card.add(new CardEntry(means, shown, example)));
        shown.forEach(word -> put(word, entry));
        section.optionalValues("also", word -> word).forEach(word -> put(word, entry));
    }

    private static boolean is(Section section, String key) {
        return section.optionalText(key).map("true"::equals).orElse(false);
    }

    private void put(String phrase, Entry entry) {
        Node node = entry.role.isUnit() ? units : words;
        for (Item item : Lexer.split(phrase.toLowerCase(Locale.ROOT))) {
            node = node.next.computeIfAbsent(item.text, word -> new Node());
            if (item.kind == Item.Kind.WORD) {
                known.add(item.text);
                if (!entry.inNames) {
                    telling.add(item.text);
                }
            }
        }
        if (node.entry != null) {
            throw new IllegalArgumentException("\"" + phrase + "\" has two meanings");
        }
        node.entry = entry;
    }

    /** Where runs of words begin. */
    Node words() {
        return words;
    }

    /** Where units behind a figure begin. */
    Node units() {
        return units;
    }

    /** The meaning of a single word; null for none. */
    Entry word(String word) {
        Node node = words.step(word);
        return node == null ? null : node.entry;
    }

    /** The meaning of a designation such as {@code 11K2F3E}: that of the word for such an emission; null for no designation. */
    Entry designation(String word) {
        return EmissionDesignator.of(word)
                .map(kind -> switch (kind) {
                    case WIDE_FM -> "fm";
                    case NARROW_FM -> "nfm";
                    case AM -> "am";
                    case DIGITAL -> "digital";
                    case OTHER -> "ssb";
                })
                .map(this::word)
                .orElse(null);
    }

    /** Whether letters may stand joined behind a figure: a unit, a polarity, a side. */
    boolean isBehind(String letters) {
        Node unit = units.step(letters);
        Entry entry = word(letters);
        return unit != null && unit.entry != null && unit.entry.behind || entry != null && entry.behind;
    }

    /** Whether a word means something here, by itself or as part of a run, or is the code of a tone. */
    boolean isKnown(String word) {
        String lower = word.toLowerCase(Locale.ROOT);
        return known.contains(lower)
                || DirectoryLetters.of(lower).isPresent()
                || ToneTable.ofTwoCharacterCode(lower).isPresent()
                || EmissionDesignator.of(lower).isPresent();
    }

    /** The known word that one slip of the keys away, if there is one: a letter more, less, other, or two exchanged. */
    Optional<String> nearlyKnown(String word) {
        if (word.length() < LEAST_NEAR_LETTERS - 1 || known.contains(word)) {
            return Optional.empty();
        }
        for (int length = word.length() - 1; length <= word.length() + 1; length++) {
            for (String each : byLength.getOrDefault(length, List.of())) {
                if (isOneSlip(word, each)) {
                    return Optional.of(each);
                }
            }
        }
        return Optional.empty();
    }

    private static boolean isOneSlip(String one, String other) {
        int front = 0;
        int shorter = Math.min(one.length(), other.length());
        while (front < shorter && one.charAt(front) == other.charAt(front)) {
            front++;
        }
        int back = 0;
        while (back < shorter - front
                && one.charAt(one.length() - 1 - back) == other.charAt(other.length() - 1 - back)) {
            back++;
        }
        int left = one.length() - front - back;
        int right = other.length() - front - back;
        boolean exchanged = left == 2
                && right == 2
                && one.charAt(front) == other.charAt(front + 1)
                && one.charAt(front + 1) == other.charAt(front);
        return left <= 1 && right <= 1 || exchanged;
    }
}
