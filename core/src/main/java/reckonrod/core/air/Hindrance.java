package reckonrod.core.air;

/** What keeps a call from being answered, the most fundamental first. */
public enum Hindrance {
    /** The radio never talks on this channel. */
    NEVER_TALKS("the channel never talks"),
    /** The repeater is not on the air. */
    OFF_AIR("it is off the air"),
    /** It passes on another kind of signal than the radio sends. */
    OTHER_MODE("it passes on another kind of signal than the channel sends"),
    /** It listens on another frequency than the radio talks on. */
    OTHER_INPUT("it listens on another frequency"),
    /** It waits for a tone, and the radio sends none. */
    NO_TONE("it waits for a tone, and none is sent"),
    /** It waits for another tone than the radio sends. */
    OTHER_TONE("it waits for another tone"),
    /** Too little of the radio reaches it. */
    TOO_WEAK_THERE("too little of the radio's power reaches it"),
    /** It talks on another frequency than the radio listens on. */
    OTHER_OUTPUT("it talks on another frequency"),
    /** Too little of it reaches the radio. */
    TOO_WEAK_HERE("too little of its power reaches the radio"),
    /** The radio waits for a tone that it does not send, so that its speaker stays shut. */
    SPEAKER_SHUT("the radio waits for a tone that it does not send, so the speaker stays shut");

    private final String words;

    Hindrance(String words) {
        this.words = words;
    }

    /** What stands in the way, as after the repeater's name and a colon. */
    public String words() {
        return words;
    }

    /** Whether it keeps the repeater from opening; else it keeps an opened one from being heard. */
    public boolean isThere() {
        return compareTo(OTHER_OUTPUT) < 0;
    }
}
