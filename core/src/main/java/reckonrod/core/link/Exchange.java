package reckonrod.core.link;

import java.util.Arrays;
import java.util.function.Function;
import reckonrod.core.link.Framing.Cut;
import reckonrod.core.link.Framing.More;
import reckonrod.core.link.Framing.Whole;

/**
 * One request and the wait for its answer. A wrong answer is not answered at once: the line is left to fall silent first, so
 * that a late rest is not taken for the answer to the next try.
 *
 * @param asked what is asked
 * @param triesLeft how often the request may still be sent
 * @param received what has come since the last try
 * @param spoiled whether that is already known to be wrong
 */
// States are moved on and thrown away, never compared, so the arrays in them do no harm.
@SuppressWarnings("ArrayRecordComponent")
public record Exchange(Asked asked, int triesLeft, byte[] received, boolean spoiled) implements Conversation<byte[]> {
    private static final byte[] NOTHING = {};

    /** What a frame is to a request. */
    public enum Meaning {
        ANSWER,
        REFUSAL,
        /** The answer to an earlier request, come late: it is passed over. */
        OLD,
        WRONG
    }

    /**
     * A request.
     *
     * @param request the bytes that are sent
     * @param framing how frames lie in what comes
     * @param meaning what a frame is to this request
     */
    public record Asked(byte[] request, Framing framing, Function<byte[], Meaning> meaning) {}

    /** Sent, and waiting. */
    public static Exchange of(Asked asked, int tries) {
        return new Exchange(asked, tries - 1, NOTHING, false);
    }

    @Override
    public Turn<byte[]> heard(byte[] bytes) {
        byte[] all = Arrays.copyOf(received, received.length + bytes.length);
        System.arraycopy(bytes, 0, all, received.length, bytes.length);
        if (spoiled) {
            return waiting(all, true);
        }
        Cut cut = asked.framing.cut(all);
        if (cut instanceof More) {
            return waiting(all, false);
        }
        if (cut instanceof Whole whole) {
            boolean last = whole.length() == all.length;
            switch (asked.meaning.apply(whole.frame())) {
                case ANSWER -> {
                    return last ? new Over<>(whole.frame()) : waiting(all, true);
                }
                case REFUSAL -> {
                    return last ? new Stuck<>(Why.REFUSED, all) : waiting(all, true);
                }
                case OLD -> {
                    Exchange passedOver = new Exchange(asked, triesLeft, NOTHING, false);
                    return last
                            ? Conversation.listen(passedOver)
                            : passedOver.heard(Arrays.copyOfRange(all, whole.length(), all.length));
                }
                case WRONG -> {
                    return waiting(all, true);
                }
            }
        }
        return waiting(all, true);
    }

    @Override
    public Turn<byte[]> silence() {
        if (triesLeft == 0) {
            return new Stuck<>(received.length > 0 ? Why.NONSENSE : Why.SILENCE, received);
        }
        return new Go<>(asked.request, new Exchange(asked, triesLeft - 1, NOTHING, false));
    }

    private Turn<byte[]> waiting(byte[] all, boolean wrong) {
        return Conversation.listen(new Exchange(asked, triesLeft, all, wrong));
    }
}
