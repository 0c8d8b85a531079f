package reckonrod.core.link.clone;

import java.nio.ByteBuffer;
import java.util.Arrays;
import reckonrod.core.link.Conversation;
import reckonrod.core.link.Framing;
import reckonrod.core.link.Framing.Whole;

/**
 * Waits until the person has set the radio to take, and it says so.
 *
 * @param framing how frames lie
 * @param received what has come since the line was silent
 * @param patience how many silences are left before nobody does it any more
 */
@SuppressWarnings("ArrayRecordComponent")
record Ready(Framing framing, byte[] received, int patience) implements Conversation<Ready.There> {
    private static final byte[] NOTHING = {};

    /**
     * The radio is ready to take.
     *
     * @param ident who it is
     * @param sum of what it holds
     */
    record There(String ident, int sum) {}

    static Ready waiting(int blockBytes, int patience) {
        return new Ready(CloneFrame.framing(blockBytes), NOTHING, patience);
    }

    @Override
    public Turn<There> heard(byte[] bytes) {
        byte[] all = Arrays.copyOf(received, received.length + bytes.length);
        System.arraycopy(bytes, 0, all, received.length, bytes.length);
        if (framing.cut(all) instanceof Whole whole) {
            byte[] frame = whole.frame();
            if (frame[0] == CloneFrame.SENDS) {
                return new Stuck<>(Why.WRONG_WAY, all);
            }
            if (frame[0] == CloneFrame.TAKES && whole.length() == all.length) {
                int sumAt = frame.length - Integer.BYTES;
                return new Over<>(new There(
                        CloneFrame.ident(frame), ByteBuffer.wrap(frame).getInt(sumAt)));
            }
        }
        return Conversation.listen(new Ready(framing, all, patience));
    }

    @Override
    public Turn<There> silence() {
        if (patience == 0) {
            return new Stuck<>(received.length == 0 ? Why.SILENCE : Why.NONSENSE, received);
        }
        return Conversation.listen(new Ready(framing, NOTHING, patience - 1));
    }
}
