package reckonrod.core.tone;

/** No tone on this side of a channel. */
public enum NoTone implements Tone {
    /** The one case. */
    NONE;

    @Override
    public String toString() {
        return "none";
    }
}
