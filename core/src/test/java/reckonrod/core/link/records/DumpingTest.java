package reckonrod.core.link.records;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.zip.CRC32;
import org.junit.jupiter.api.Test;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.Conversation;
import reckonrod.core.link.Conversation.Go;
import reckonrod.core.link.Conversation.Over;
import reckonrod.core.link.Conversation.Stuck;
import reckonrod.core.link.Conversation.Turn;
import reckonrod.core.link.Conversation.Why;

/** The table of states of {@code docs/links.md}, row by row. */
class DumpingTest {
    private static final byte[] MEMORY = memory();

    private final Dumping asked = Dumping.of(MEMORY.length, 2);

    private static byte[] memory() {
        byte[] memory = new byte[400];
        new Random(3).nextBytes(memory);
        Arrays.fill(memory, 100, 180, (byte) 0xFF);
        return memory;
    }

    private static byte[] dump(int from, int to) {
        ByteArrayOutputStream stream = new ByteArrayOutputStream();
        Piece.of(MEMORY, from, to, 64).forEach(piece -> stream.writeBytes(piece.record()));
        CRC32 sum = new CRC32();
        sum.update(MEMORY, from, to - from);
        stream.writeBytes(RecordFrame.of(
                RecordFrame.END,
                ByteBuffer.allocate(4).putInt((int) sum.getValue()).array()));
        return stream.toByteArray();
    }

    private static Conversation<byte[]> next(Turn<byte[]> turn) {
        return ((Go<byte[]>) turn).next();
    }

    @Test
    void recordsAreAsLongAsTheyNeedToBeAndComeInAnyPieces() {
        byte[] whole = dump(0, 400);
        assertThat(whole.length).as("a run goes as one record").isLessThan(400);
        for (int piece : new int[] {1, 5, 90, 1_000}) {
            Conversation<byte[]> state = asked;
            Turn<byte[]> turn = null;
            for (int at = 0; at < whole.length; at += piece) {
                turn = state.heard(Arrays.copyOfRange(whole, at, Math.min(whole.length, at + piece)));
                state = turn instanceof Go<byte[]> go ? go.next() : state;
            }
            assertThat(((Over<byte[]>) turn).result()).isEqualTo(MEMORY);
        }
    }

    /** Wherever it breaks, what is missing is asked for after silence, and nothing twice. */
    @Test
    void whatIsMissingIsAskedForAgain() {
        byte[] whole = dump(0, 400);
        for (int at = 0; at < whole.length; at++) {
            byte[] broken = whole.clone();
            broken[at] ^= 0x21;
            Turn<byte[]> turn = next(asked.heard(broken)).silence();
            byte[] request = ((Go<byte[]>) turn).say();
            int from = RecordFrame.number(request, RecordFrame.CONTENT);
            assertThat(from).as("byte %d", at).isGreaterThanOrEqualTo(at - 70);
            assertThat(next(turn).heard(dump(from, 400)))
                    .isInstanceOfSatisfying(
                            Over.class, over -> assertThat(over.result()).isEqualTo(MEMORY));
        }
    }

    @Test
    void itGivesUpOnceNothingIsGained() {
        Conversation<byte[]> last = next(asked.silence());
        assertThat(last.silence())
                .isInstanceOfSatisfying(
                        Stuck.class, stuck -> assertThat(stuck.why()).isEqualTo(Why.SILENCE));
        assertThat(next(last.heard(new byte[] {(byte) 0xFF})).silence())
                .isInstanceOfSatisfying(
                        Stuck.class, stuck -> assertThat(stuck.why()).isEqualTo(Why.NONSENSE));
        assertThat(next(last.heard(Arrays.copyOf(dump(0, 400), 200))).silence()).isInstanceOf(Go.class);
        assertThat(asked.heard(RecordFrame.of(RecordFrame.NO)))
                .isInstanceOfSatisfying(
                        Stuck.class, stuck -> assertThat(stuck.why()).isEqualTo(Why.REFUSED));
    }

    /** All comes but the end, again and again: that ends too. */
    @Test
    void anEndThatNeverComesIsGivenUp() {
        Conversation<byte[]> state = next(asked.heard(withoutEnd(0)));
        for (int i = 0; ; i++) {
            assertThat(i).isLessThan(10);
            Turn<byte[]> turn = state.silence();
            if (turn instanceof Stuck) {
                break;
            }
            byte[] request = ((Go<byte[]>) turn).say();
            state = next(next(turn).heard(withoutEnd(RecordFrame.number(request, RecordFrame.CONTENT))));
        }
    }

    private static byte[] withoutEnd(int from) {
        byte[] whole = dump(from, 400);
        return Arrays.copyOf(whole, whole.length - 7);
    }

    /** A right end of another memory is not the end of this one. */
    @Test
    void theSumOfThePartMustAgree() {
        byte[] whole = dump(0, 400);
        byte[] end = RecordFrame.of(RecordFrame.END, new byte[] {1, 2, 3, 4});
        System.arraycopy(end, 0, whole, whole.length - end.length, end.length);
        assertThat(asked.heard(whole))
                .isInstanceOfSatisfying(
                        Stuck.class, stuck -> assertThat(stuck.why()).isEqualTo(Why.SUM_DIFFERS));
    }

    @Test
    void whatDiffersIsCutIntoRecordsAndPutTogetherAgain() {
        Random random = new Random(8);
        for (int i = 0; i < 500; i++) {
            byte[] other = MEMORY.clone();
            for (int changes = random.nextInt(6); changes > 0; changes--) {
                int at = random.nextInt(other.length);
                Arrays.fill(other, at, Math.min(other.length, at + 1 + random.nextInt(90)), (byte) random.nextInt(3));
            }
            List<Piece> pieces = RecordLoader.pieces(MemoryImage.of(MEMORY), MemoryImage.of(other), 64);
            byte[] made = MEMORY.clone();
            for (Piece piece : pieces) {
                byte[] record = piece.record();
                Piece read = Piece.read(Arrays.copyOf(record, record.length - 1));
                System.arraycopy(read.bytes(), 0, made, read.at(), read.bytes().length);
            }
            assertThat(made).isEqualTo(other);
        }
    }
}
