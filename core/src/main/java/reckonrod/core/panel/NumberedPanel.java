package reckonrod.core.panel;

import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A panel with number keys and a menu of numbered items. A frequency is typed in whole kilohertz; what is dialled is put into a slot
 * by an item.
 *
 * @param keys what is printed on the keys
 * @param words what it says by itself, where it has a word of its own
 * @param pauseMillis after so long without a key the menu closes, and nothing of what was begun is kept; in milliseconds
 * @param frequencyDigits how many digits a frequency takes
 * @param slotDigits how many digits the number of a slot takes
 * @param sizeDigits how many digits the size of a shift takes
 * @param sizeUnitHertz what one step of its last digit is worth, in hertz
 * @param overwrites whether a slot that is in use is stored over; else it must be cleared first
 * @param clearedByFrequency what is forgotten when another frequency is dialled
 * @param items the menu, in its order
 */
public record NumberedPanel(
        Map<PanelKey, String> keys,
        Map<PanelWord, String> words,
        int pauseMillis,
        int frequencyDigits,
        int slotDigits,
        int sizeDigits,
        int sizeUnitHertz,
        boolean overwrites,
        Set<PanelPart> clearedByFrequency,
        List<PanelItem> items) {
    private static final Set<PanelKey> NAMED =
            EnumSet.of(PanelKey.MENU, PanelKey.TAKE, PanelKey.BACK, PanelKey.UP, PanelKey.DOWN, PanelKey.MODE);
    private static final Set<PanelPart> NEEDED =
            EnumSet.of(PanelPart.DIRECTION, PanelPart.SIZE, PanelPart.TALK_TONE, PanelPart.STORE);

    public NumberedPanel {
        keys = Map.copyOf(keys);
        words = Map.copyOf(words);
        clearedByFrequency = Set.copyOf(clearedByFrequency);
        items = List.copyOf(items);
        if (!keys.keySet().equals(NAMED)) {
            throw new IllegalArgumentException("the keys menu, take, back, up, down and mode must be named, no others");
        }
        Set<PanelPart> parts = EnumSet.noneOf(PanelPart.class);
        Set<Integer> numbers = new HashSet<>();
        for (PanelItem item : items) {
            if (!parts.add(item.part()) || !numbers.add(item.number())) {
                throw new IllegalArgumentException(
                        "item " + item.number() + " or what it sets stands in the menu twice");
            }
        }
        if (!parts.containsAll(NEEDED) || !overwrites && !parts.contains(PanelPart.ERASE)) {
            throw new IllegalArgumentException(
                    "the menu must have items for direction, size, talk tone and store, and for"
                            + " erase where a slot in use is not stored over");
        }
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
}
