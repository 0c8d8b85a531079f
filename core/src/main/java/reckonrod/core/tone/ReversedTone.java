package reckonrod.core.tone;

/**
 * A CTCSS tone that shuts the speaker while it is there, instead of opening it. Only the listen side can have one. Text
 * form: {@code reversed CTCSS 71.9}.
 *
 * @param tone the tone that mutes
 */
public record ReversedTone(CtcssTone tone) implements Tone {
    static final String PREFIX = "reversed ";

    @Override
    public String toString() {
        return PREFIX + tone;
    }
}
