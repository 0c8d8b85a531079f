package reckonrod.core.channel;

import java.util.Arrays;

/** The transmit power asked for, by name; each radio has its own watts for it. Highest first. */
public enum Power {
    HIGH("high"),
    MID("mid"),
    LOW("low");

    private final String word;

    Power(String word) {
        this.word = word;
    }

    /** The word on screen and in the notation. */
    public String word() {
        return word;
    }

    /**
     * Reads a word of a data file.
     *
     * @throws IllegalArgumentException if it is none of them
     */
    public static Power parse(String word) {
        return Arrays.stream(values())
                .filter(power -> power.word.equals(word))
                .findFirst()
                .orElseThrow(
                        () -> new IllegalArgumentException("level must be high, mid or low, was \"" + word + "\""));
    }
}
