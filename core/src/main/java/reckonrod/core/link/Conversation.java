package reckonrod.core.link;

/**
 * One end of a line, as a value: what it has heard so far and what it waits for. Moved on by bytes and by silence alone; time
 * is an event. Each family's states are written down in {@code docs/links.md}.
 *
 * @param <R> what it comes to
 */
public interface Conversation<R> {
    /** What is to be done next. */
    sealed interface Turn<R> {}

    /**
     * Say something, perhaps nothing, and listen on.
     *
     * @param say the bytes
     * @param next the state that is moved on by what comes then
     */
    // Moved on and thrown away, never compared.
    @SuppressWarnings("ArrayRecordComponent")
    record Go<R>(byte[] say, Conversation<R> next) implements Turn<R> {}

    /** It came to an end. */
    record Over<R>(R result) implements Turn<R> {}

    /**
     * It cannot go on.
     *
     * @param why what kind of end
     * @param heard what came last, to tell what is at the other end
     */
    @SuppressWarnings("ArrayRecordComponent")
    record Stuck<R>(Why why, byte[] heard) implements Turn<R> {}

    /** Why it cannot go on. */
    enum Why {
        /** Nothing came. */
        SILENCE,
        /** What came makes no sense. */
        NONSENSE,
        /** The radio says no. */
        REFUSED,
        /** All that came was right by itself, and is not right as a whole. */
        SUM_DIFFERS,
        /** The radio does the other of two things that the person can start there. */
        WRONG_WAY
    }

    /** Some bytes have come. */
    Turn<R> heard(byte[] bytes);

    /** Nothing has come for as long as the radio may take. */
    Turn<R> silence();

    /** How many bytes of the radio's memory have come or gone so far. */
    default int bytesDone() {
        return 0;
    }

    /** Listen on. */
    static <R> Turn<R> listen(Conversation<R> next) {
        return new Go<>(new byte[0], next);
    }
}
