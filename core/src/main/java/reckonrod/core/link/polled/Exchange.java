package reckonrod.core.link.polled;

import java.util.Arrays;
import java.util.Optional;

/**
 * One request and the wait for its answer, as a value. Entered with {@link #of}; left when a step is {@link Answered} or
 * {@link GivenUp}. A wrong answer is not answered at once: the line is left to fall silent first, so that a late rest is not
 * taken for the answer to the next try.
 *
 * @param request the frame that was sent
 * @param answerHead how the answer must begin
 * @param blockBytes the data bytes of a block
 * @param triesLeft how often the request may still be sent
 * @param received what has come since the last try
 * @param spoiled whether that is already known to be wrong
 */
// States are moved on and thrown away, never compared, so the arrays in them do no harm.
@SuppressWarnings("ArrayRecordComponent")
record Exchange(byte[] request, byte[] answerHead, int blockBytes, int triesLeft, byte[] received, boolean spoiled) {
    /** What is to be done next. */
    sealed interface Step {}

    /** Wait for more bytes. */
    record Waiting(Exchange next) implements Step {}

    /** Send the request again, then wait. */
    record SendAgain(Exchange next) implements Step {}

    /** The answer is there, without its check byte. */
    record Answered(byte[] frame) implements Step {}

    /** The radio answered that it does not do it. */
    record Refused() implements Step {}

    /** No right answer after all tries. */
    record GivenUp(boolean anythingCame) implements Step {}

    static Exchange of(byte[] request, byte[] answerHead, int blockBytes, int tries) {
        return new Exchange(request, answerHead, blockBytes, tries - 1, new byte[0], false);
    }

    /** Bytes have come. */
    Step arrived(byte[] bytes) {
        byte[] all = Arrays.copyOf(received, received.length + bytes.length);
        System.arraycopy(bytes, 0, all, received.length, bytes.length);
        if (spoiled) {
            return waiting(all, true);
        }
        int length = Frame.lengthOf(all, blockBytes);
        if (length == 0 || length > all.length) {
            return waiting(all, false);
        }
        Optional<byte[]> frame = length == all.length ? Frame.checked(all) : Optional.empty();
        if (frame.isPresent() && frame.get()[0] == Frame.REFUSE) {
            return new Refused();
        }
        if (frame.isPresent() && startsWith(frame.get(), answerHead)) {
            return new Answered(frame.get());
        }
        return waiting(all, true);
    }

    /** Nothing has come for as long as the radio may take. */
    Step silence() {
        if (triesLeft == 0) {
            return new GivenUp(received.length > 0);
        }
        return new SendAgain(new Exchange(request, answerHead, blockBytes, triesLeft - 1, new byte[0], false));
    }

    private Step waiting(byte[] all, boolean wrong) {
        return new Waiting(new Exchange(request, answerHead, blockBytes, triesLeft, all, wrong));
    }

    private static boolean startsWith(byte[] bytes, byte[] head) {
        return bytes.length >= head.length && Arrays.equals(bytes, 0, head.length, head, 0, head.length);
    }
}
