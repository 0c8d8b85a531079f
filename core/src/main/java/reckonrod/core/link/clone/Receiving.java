package reckonrod.core.link.clone;

import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.Optional;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.Conversation;
import reckonrod.core.link.Framing;
import reckonrod.core.link.Framing.Cut;
import reckonrod.core.link.Framing.More;
import reckonrod.core.link.Framing.Whole;

/**
 * The radio sends its whole memory by itself, once the person starts it. Nothing can be asked for again; a stream is right
 * from its first byte to the sum of all, or it is none.
 *
 * @param framing how frames lie
 * @param received what has come and is no whole frame yet
 * @param ident who sends, once that is known
 * @param memory what has come of the memory
 * @param blockBytes the bytes of a block
 * @param block the number of the block that comes next
 * @param patience how many silences are left before nobody starts it any more
 * @param spoiled whether the stream is known to be wrong, and its rest is let go by
 */
@SuppressWarnings("ArrayRecordComponent")
record Receiving(
        Framing framing,
        byte[] received,
        Optional<String> ident,
        byte[] memory,
        int blockBytes,
        int block,
        int patience,
        boolean spoiled)
        implements Conversation<Receiving.Received> {
    private static final byte[] NOTHING = {};

    /** What came. */
    record Received(String ident, MemoryImage image) {}

    static Receiving waiting(int memoryBytes, int blockBytes, int patience) {
        return new Receiving(
                CloneFrame.framing(blockBytes),
                NOTHING,
                Optional.empty(),
                new byte[memoryBytes],
                blockBytes,
                0,
                patience,
                false);
    }

    @Override
    public Turn<Received> heard(byte[] bytes) {
        if (spoiled) {
            return Conversation.listen(this);
        }
        byte[] all = Arrays.copyOf(received, received.length + bytes.length);
        System.arraycopy(bytes, 0, all, received.length, bytes.length);
        Receiving now = this;
        int at = 0;
        while (at < all.length) {
            byte[] rest = Arrays.copyOfRange(all, at, all.length);
            Cut cut = framing.cut(rest);
            if (cut instanceof More) {
                return Conversation.listen(now.with(rest));
            }
            if (!(cut instanceof Whole whole)) {
                return now.spoilt();
            }
            Turn<Received> turn = now.frame(whole.frame());
            if (!(turn instanceof Go<Received> go)) {
                return turn;
            }
            now = (Receiving) go.next();
            if (now.spoiled) {
                return turn;
            }
            at += whole.length();
        }
        return Conversation.listen(now.with(NOTHING));
    }

    private Turn<Received> frame(byte[] frame) {
        if (frame[0] == CloneFrame.TAKES) {
            return new Stuck<>(Why.WRONG_WAY, frame);
        }
        if (frame[0] == CloneFrame.SENDS) {
            // A stream that was begun again starts over.
            return Conversation.listen(new Receiving(
                    framing,
                    NOTHING,
                    Optional.of(CloneFrame.ident(frame)),
                    new byte[memory.length],
                    blockBytes,
                    0,
                    patience,
                    false));
        }
        boolean inOrder = ident.isPresent() && block * blockBytes < memory.length;
        if (frame[0] == CloneFrame.BLOCK && inOrder && CloneFrame.number(frame) == block) {
            byte[] more = memory.clone();
            System.arraycopy(frame, 3, more, block * blockBytes, blockBytes);
            return Conversation.listen(
                    new Receiving(framing, NOTHING, ident, more, blockBytes, block + 1, patience, false));
        }
        if (frame[0] == CloneFrame.END && ident.isPresent() && block * blockBytes == memory.length) {
            MemoryImage image = MemoryImage.of(memory);
            return image.cyclicSum() == ByteBuffer.wrap(frame).getInt(1)
                    ? new Over<>(new Received(ident.get(), image))
                    : new Stuck<>(Why.SUM_DIFFERS, frame);
        }
        return spoilt();
    }

    @Override
    public Turn<Received> silence() {
        return ident.isPresent() ? new Stuck<>(Why.NONSENSE, received) : quiet();
    }

    /** Before a stream begins, noise is let go by as the plug goes in. */
    private Turn<Received> quiet() {
        return patience == 0
                ? new Stuck<>(received.length == 0 && !spoiled ? Why.SILENCE : Why.NONSENSE, received)
                : Conversation.listen(waiting(memory.length, blockBytes, patience - 1));
    }

    @Override
    public int bytesDone() {
        return block * blockBytes;
    }

    private Turn<Received> spoilt() {
        return Conversation.listen(new Receiving(framing, received, ident, memory, blockBytes, block, patience, true));
    }

    private Receiving with(byte[] rest) {
        return new Receiving(framing, rest, ident, memory, blockBytes, block, patience, spoiled);
    }
}
