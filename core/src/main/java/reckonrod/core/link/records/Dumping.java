package reckonrod.core.link.records;

import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.zip.CRC32;
import reckonrod.core.link.Conversation;
import reckonrod.core.link.Framing.Cut;
import reckonrod.core.link.Framing.More;
import reckonrod.core.link.Framing.Whole;

/**
 * The radio sends a part of its memory, record after record. If one is spoiled, the rest is let go by until the line is
 * silent, and the radio is asked for what is missing.
 *
 * @param memory what has come
 * @param asked where what was asked for last begins
 * @param at where the next record must begin
 * @param to where the part ends
 * @param received what has come and is no whole record yet
 * @param triesLeft how often the radio may still be asked without anything gained
 * @param spoiled whether the rest is let go by
 */
@SuppressWarnings("ArrayRecordComponent")
record Dumping(byte[] memory, int asked, int at, int to, byte[] received, int triesLeft, int tries, boolean spoiled)
        implements Conversation<byte[]> {
    private static final byte[] NOTHING = {};

    static Dumping of(int bytes, int tries) {
        return new Dumping(new byte[bytes], 0, 0, bytes, NOTHING, tries - 1, tries, false);
    }

    /** What is asked. */
    static byte[] request(int from, int to) {
        return RecordFrame.at(RecordFrame.DUMP, from, (byte) (to - from >>> 8), (byte) (to - from));
    }

    @Override
    public Turn<byte[]> heard(byte[] bytes) {
        if (spoiled) {
            return Conversation.listen(this);
        }
        byte[] all = Arrays.copyOf(received, received.length + bytes.length);
        System.arraycopy(bytes, 0, all, received.length, bytes.length);
        Dumping now = this;
        int from = 0;
        while (from < all.length) {
            byte[] rest = Arrays.copyOfRange(all, from, all.length);
            Cut cut = RecordFrame.cut(rest);
            if (cut instanceof More) {
                return Conversation.listen(now.with(rest, false));
            }
            if (!(cut instanceof Whole whole)) {
                return Conversation.listen(now.with(rest, true));
            }
            byte[] record = whole.frame();
            from += whole.length();
            if (record[1] == RecordFrame.NO) {
                return new Stuck<>(Why.REFUSED, record);
            }
            if (record[1] == RecordFrame.END && now.at == to && from == all.length) {
                return now.end(record);
            }
            if (!Piece.is(record)) {
                return Conversation.listen(now.with(rest, true));
            }
            Piece piece = Piece.read(record);
            if (piece.at() != now.at || piece.at() + piece.bytes().length > to) {
                return Conversation.listen(now.with(rest, true));
            }
            now = now.with(piece);
        }
        return Conversation.listen(now.with(NOTHING, false));
    }

    @Override
    public Turn<byte[]> silence() {
        // An end that never comes is nothing gained, however often the last byte does.
        boolean gained = at > asked && at < to;
        if (triesLeft == 0 && !gained) {
            return new Stuck<>(received.length > 0 || spoiled ? Why.NONSENSE : Why.SILENCE, received);
        }
        // Only the end is missing: the last bytes are asked for again, so that their sum comes.
        int from = at == to ? Math.max(0, to - 1) : at;
        int left = gained ? tries - 1 : triesLeft - 1;
        return new Go<>(request(from, to), new Dumping(memory, from, from, to, NOTHING, left, tries, false));
    }

    @Override
    public int bytesDone() {
        return at;
    }

    private Turn<byte[]> end(byte[] record) {
        CRC32 sum = new CRC32();
        sum.update(memory, asked, to - asked);
        return record.length == RecordFrame.CONTENT + Integer.BYTES
                        && ByteBuffer.wrap(record).getInt(RecordFrame.CONTENT) == (int) sum.getValue()
                ? new Over<>(memory)
                : new Stuck<>(Why.SUM_DIFFERS, record);
    }

    private Dumping with(Piece piece) {
        byte[] more = memory.clone();
        System.arraycopy(piece.bytes(), 0, more, piece.at(), piece.bytes().length);
        return new Dumping(more, asked, at + piece.bytes().length, to, NOTHING, triesLeft, tries, false);
    }

    private Dumping with(byte[] rest, boolean wrong) {
        return new Dumping(memory, asked, at, to, rest, triesLeft, tries, wrong);
    }
}
