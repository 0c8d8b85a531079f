package reckonrod.core.panel;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The keys of a radio and what they set. A frequency is typed in whole kilohertz; what is dialled is put into a slot by an item.
 *
 * @param dialect how it is spoken to
 * @param keys what is printed on the keys
 * @param words what it says by itself, where it has a word of its own
 * @param timing how long it waits
 * @param digits how many digits are typed
 * @param fast how many values a fast click of the dial goes on, 2 to 50; 0 for a panel without
 * @param overwriting what it does with a slot that is in use
 * @param clearedByFrequency what is forgotten when another frequency is dialled
 * @param items what it sets and does, in its order
 */
public record Panel(
        Dialect dialect,
        Map<PanelKey, String> keys,
        Map<PanelWord, String> words,
        Timing timing,
        Digits digits,
        int fast,
        Overwriting overwriting,
        Set<PanelPart> clearedByFrequency,
        List<PanelItem> items) {
    /**
     * How long a panel waits, in milliseconds.
     *
     * @param pauseMillis after so long without a key what is open closes, and nothing of what was begun is kept
     * @param functionMillis so soon the number must follow the function key
     */
    public record Timing(int pauseMillis, int functionMillis) {}

    /**
     * How many digits are typed.
     *
     * @param frequency of a frequency in kilohertz
     * @param slot of the number of a slot
     * @param size of the size of a shift
     * @param sizeUnitHertz what one step of its last digit is worth, in hertz
     */
    public record Digits(int frequency, int slot, int size, int sizeUnitHertz) {}

    private static final Set<PanelPart> NEEDED =
            EnumSet.of(PanelPart.DIRECTION, PanelPart.SIZE, PanelPart.TALK_TONE, PanelPart.STORE);
    /** More presses of the function key than this in a row nobody counts. */
    private static final int MOST_LAYERS = 4;

    private static final int SOFT_KEYS = 4;
    private static final int TEN = 10;

    public Panel {
        keys = Map.copyOf(keys);
        words = Map.copyOf(words);
        clearedByFrequency = Set.copyOf(clearedByFrequency);
        items = List.copyOf(items);
        if (!keys.keySet().equals(dialect.keys())) {
            throw new IllegalArgumentException("a panel of the kind " + dialect.words() + " has exactly the keys "
                    + dialect.keys().stream().map(PanelKey::key).sorted().toList());
        }
        if ((fast >= 2) != dialect.keys().contains(PanelKey.FAST_UP)) {
            throw new IllegalArgumentException("fast must be 2 to 50 where there is a dial, and only there");
        }
        Set<String> parts = new HashSet<>();
        Set<Integer> numbers = new HashSet<>();
        for (PanelItem item : items) {
            if (!parts.add(item.part().words()
                            + item.setting().map(each -> each.name()).orElse(""))
                    || !numbers.add(item.number())) {
                throw new IllegalArgumentException(
                        "item " + item.number() + " or what it sets stands in the menu twice");
            }
        }
        requireParts(overwriting, items);
        requireNumbers(dialect, items);
    }

    private static void requireParts(Overwriting overwriting, List<PanelItem> items) {
        Set<PanelPart> parts = EnumSet.noneOf(PanelPart.class);
        items.forEach(item -> parts.add(item.part()));
        if (!parts.containsAll(NEEDED) || overwriting == Overwriting.REFUSES && !parts.contains(PanelPart.ERASE)) {
            throw new IllegalArgumentException(
                    "the menu must have items for direction, size, talk tone and store, and for"
                            + " erase where a slot in use is not stored over");
        }
        if (parts.contains(PanelPart.JOIN) && parts.contains(PanelPart.BANK)) {
            throw new IllegalArgumentException("slots join a bank, or a channel is in one of them; not both");
        }
    }

    private static void requireNumbers(Dialect dialect, List<PanelItem> items) {
        for (PanelItem item : items) {
            switch (dialect) {
                case NUMBERED_MENU -> require(item, item.number() >= 1, "a number of 1 to 99");
                case FUNCTION_AND_DIAL ->
                    require(
                            item,
                            item.part() == PanelPart.STORE
                                    || item.number() >= TEN && item.number() < (MOST_LAYERS + 1) * TEN,
                            "a number of 10 to 49: presses of the function key, and a digit");
                case SOFT_KEYS ->
                    require(
                            item,
                            item.number() >= 1 && item.number() <= items.size(),
                            "its place on the pages, 1 to " + items.size());
            }
        }
    }

    private static void require(PanelItem item, boolean right, String what) {
        if (!right) {
            throw new IllegalArgumentException(item.label() + " must have " + what + ", was " + item.number());
        }
    }

    /** All its keys: the digits, and those that are named. */
    public List<PanelKey> allKeys() {
        List<PanelKey> all = new ArrayList<>();
        for (PanelKey key : PanelKey.values()) {
            if (key.isDigit() || keys.containsKey(key)) {
                all.add(key);
            }
        }
        return Collections.unmodifiableList(all);
    }

    /** How many times the function key can be pressed before a digit. */
    public int layers() {
        return items.stream()
                        .filter(each -> each.part() != PanelPart.STORE)
                        .mapToInt(PanelItem::number)
                        .max()
                        .orElse(TEN)
                / TEN;
    }

    /** How many pages of soft keys there are. */
    public int pages() {
        return (items.size() + SOFT_KEYS - 1) / SOFT_KEYS;
    }

    /** The page of an item with soft keys, from 0. */
    public int page(PanelItem item) {
        return (item.number() - 1) / SOFT_KEYS;
    }

    /** The soft key of an item. */
    public PanelKey soft(PanelItem item) {
        return PanelKey.soft().get((item.number() - 1) % SOFT_KEYS);
    }

    /** What is printed on a key. */
    public String label(PanelKey key) {
        return key.isDigit() ? String.valueOf(key.digit()) : keys.get(key);
    }

    /** What it says. */
    public String say(PanelWord word) {
        return words.getOrDefault(word, word.usual());
    }

    /** The item for a part, if there is one. */
    public Optional<PanelItem> item(PanelPart part) {
        return items.stream().filter(each -> each.part() == part).findFirst();
    }

    /** How an item is reached and what it is called, in the radio's words: {@code 41 WAY}. */
    public String way(PanelItem item) {
        return switch (dialect) {
            case NUMBERED_MENU -> (item.number() < TEN ? "0" : "") + item.number() + " " + item.label();
            case FUNCTION_AND_DIAL ->
                item.part() == PanelPart.STORE
                        ? label(PanelKey.FUNCTION_HELD)
                        : (label(PanelKey.FUNCTION) + " ").repeat(item.number() / TEN)
                                + item.number() % TEN
                                + ", "
                                + item.label();
            case SOFT_KEYS -> "page " + (page(item) + 1) + ", " + item.label();
        };
    }
}
