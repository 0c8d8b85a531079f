package reckonrod.core.channel;

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
}
