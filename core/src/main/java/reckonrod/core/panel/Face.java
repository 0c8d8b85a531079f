package reckonrod.core.panel;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import reckonrod.core.channel.Emission;
import reckonrod.core.radio.BandLimit;
import reckonrod.core.radio.Limits;

/**
 * The face of a radio: what its display shows and which keys it has.
 *
 * @param look what sort of display it is
 * @param lines how many slots it is turned to at once, 1 or 2; each has all rows
 * @param rows the rows, from the top
 * @param words what it says by itself, where it has a word of its own
 * @param keys the keys that not every radio has, and what is printed on them
 */
public record Face(Look look, int lines, List<FaceRow> rows, Map<FaceWord, String> words, Map<FaceKey, String> keys) {
    /** A sort of display. */
    public enum Look {
        /** Letters of a few strokes on a lit ground. */
        STROKES,
        /** Letters of dots, in rows. */
        DOTS,
        /** A page in colour. */
        PAGE
    }

    /** Room for NFM, a power and a reversed tone, which must never be cut off. */
    private static final int PLAIN_CHARACTERS = 24;

    public Face {
        rows = List.copyOf(rows);
        words = Map.copyOf(words);
        keys = Map.copyOf(keys);
        if (lines < 1 || lines > 2) {
            throw new IllegalArgumentException("a display is turned to 1 or 2 slots, was " + lines);
        }
        if (rows.isEmpty() || rows.size() > 8) {
            throw new IllegalArgumentException("a display must have 1 to 8 rows, was " + rows.size());
        }
        require(keys, FaceKey.LINE, lines == 2, "two lines");
        require(keys, FaceKey.DISPLAY, rows.stream().anyMatch(FaceRow::one), "a row that shows one of several");
    }

    private static void require(Map<FaceKey, String> keys, FaceKey key, boolean there, String what) {
        if (keys.containsKey(key) && !there) {
            throw new IllegalArgumentException("a key for " + key.key() + " is of use only with " + what);
        }
    }

    /**
     * Holds the keys against what the radio has.
     *
     * @throws IllegalArgumentException if there is a key for something that it has not
     */
    public void requireFor(Limits limits) {
        require(keys, FaceKey.BANK, limits.banks() > 0, "banks");
        require(keys, FaceKey.HOME, limits.home().isPresent(), "a home slot");
        require(keys, FaceKey.AM, switchesByHand(limits), "a stretch of which AM is switched by hand");
    }

    /** One for a radio of which nothing else is known. */
    public static Face plain(Limits limits) {
        Map<FaceKey, String> keys = new EnumMap<>(FaceKey.class);
        keys.put(FaceKey.INPUT, "Input");
        if (limits.scan().skips()) {
            keys.put(FaceKey.SCAN, "Scan");
        }
        if (limits.banks() > 0) {
            keys.put(FaceKey.BANK, limits.scan().called());
        }
        if (limits.home().isPresent()) {
            keys.put(FaceKey.HOME, "Home");
        }
        if (switchesByHand(limits)) {
            keys.put(FaceKey.AM, "AM");
        }
        int wide = Math.max(PLAIN_CHARACTERS, limits.name().longest());
        return new Face(
                Look.DOTS,
                1,
                List.of(
                        new FaceRow(wide, List.of(FacePart.SLOT, FacePart.BANK, FacePart.STATE), false),
                        new FaceRow(wide, List.of(FacePart.FREQUENCY, FacePart.SHIFT), false),
                        new FaceRow(wide, List.of(FacePart.NAME), false),
                        new FaceRow(wide, List.of(FacePart.EMISSION, FacePart.POWER, FacePart.TONE), false)),
                Map.of(),
                keys);
    }

    private static boolean switchesByHand(Limits limits) {
        return limits.receive().stream().map(BandLimit::byHand).anyMatch(each -> each.contains(Emission.AM));
    }

    /** What it says. */
    public String say(FaceWord word) {
        return words.getOrDefault(word, word.usual());
    }

    /** Whether it has the key. */
    public boolean has(FaceKey key) {
        return keys.containsKey(key);
    }
}
