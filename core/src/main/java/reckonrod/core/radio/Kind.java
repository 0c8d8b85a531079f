package reckonrod.core.radio;

import java.util.Arrays;
import java.util.stream.Collectors;

/** What sort of radio it is: how near its antenna is to the person depends on it. */
public enum Kind {
    /** Held in the hand, its antenna near the head. */
    HANDHELD("handheld"),
    /** Built into a vehicle, its antenna outside. */
    MOBILE("mobile");

    private final String word;

    Kind(String word) {
        this.word = word;
    }

    /** The word in files and on screen. */
    public String word() {
        return word;
    }

    /**
     * Reads a word of a data file.
     *
     * @throws IllegalArgumentException if it is none of them
     */
    public static Kind parse(String word) {
        return Arrays.stream(values())
                .filter(kind -> kind.word.equals(word))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("kind must be "
                        + Arrays.stream(values()).map(Kind::word).collect(Collectors.joining(" or "))
                        + ", was \"" + word + "\""));
    }
}
