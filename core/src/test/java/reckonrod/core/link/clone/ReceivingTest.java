package reckonrod.core.link.clone;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.Conversation;
import reckonrod.core.link.Conversation.Go;
import reckonrod.core.link.Conversation.Over;
import reckonrod.core.link.Conversation.Stuck;
import reckonrod.core.link.Conversation.Turn;
import reckonrod.core.link.Conversation.Why;

/** The table of states of {@code docs/links.md}, row by row. */
class ReceivingTest {
    private static final int BLOCK = 16;
    private static final int PATIENCE = 4;
    private static final byte[] MEMORY = new byte[8 * BLOCK];

    static {
        new Random(5).nextBytes(MEMORY);
    }

    private final Receiving waiting = Receiving.waiting(MEMORY.length, BLOCK, PATIENCE);

    private static byte[] block(int number) {
        return CloneFrame.numbered(
                CloneFrame.BLOCK, number, Arrays.copyOfRange(MEMORY, number * BLOCK, (number + 1) * BLOCK));
    }

    private static byte[] end(int sum) {
        return CloneFrame.of(CloneFrame.END, ByteBuffer.allocate(4).putInt(sum).array());
    }

    private static byte[] stream(int... blocks) {
        ByteArrayOutputStream stream = new ByteArrayOutputStream();
        stream.writeBytes(CloneFrame.who(CloneFrame.SENDS, "KESTROW K31 1.40"));
        for (int number : blocks) {
            stream.writeBytes(block(number));
        }
        return stream.toByteArray();
    }

    private static byte[] joined(byte[] one, byte[] two) {
        byte[] both = Arrays.copyOf(one, one.length + two.length);
        System.arraycopy(two, 0, both, one.length, two.length);
        return both;
    }

    private static final byte[] WHOLE =
            joined(stream(0, 1, 2, 3, 4, 5, 6, 7), end(MemoryImage.of(MEMORY).cyclicSum()));

    private static Conversation<Receiving.Received> next(Turn<Receiving.Received> turn) {
        return ((Go<Receiving.Received>) turn).next();
    }

    private static void assertStuck(Why why, Turn<Receiving.Received> turn) {
        assertThat(turn)
                .isInstanceOfSatisfying(
                        Stuck.class, stuck -> assertThat(stuck.why()).isEqualTo(why));
    }

    @Test
    void theStreamMayComeInAnyPieces() {
        for (int piece : new int[] {1, 2, 7, 64, 1_000}) {
            Conversation<Receiving.Received> state = waiting;
            Turn<Receiving.Received> turn = null;
            for (int at = 0; at < WHOLE.length; at += piece) {
                turn = state.heard(Arrays.copyOfRange(WHOLE, at, Math.min(WHOLE.length, at + piece)));
                state = turn instanceof Go<Receiving.Received> go ? go.next() : state;
            }
            assertThat(turn).isInstanceOf(Over.class);
            Receiving.Received received = ((Over<Receiving.Received>) turn).result();
            assertThat(received.ident()).isEqualTo("KESTROW K31 1.40");
            assertThat(received.image().toBytes()).isEqualTo(MEMORY);
        }
    }

    /** Lost, doubled, swapped, cut off or changed anywhere: the stream is none, and that is said once the line is silent. */
    @Test
    void aStreamThatIsNotWholeIsNone() {
        byte[] end = end(MemoryImage.of(MEMORY).cyclicSum());
        byte[] changed = WHOLE.clone();
        changed[60] ^= 4;
        for (byte[] wrong : new byte[][] {
            joined(stream(0, 1, 2, 4, 5, 6, 7), end),
            joined(stream(0, 1, 2, 2, 3, 4, 5, 6, 7), end),
            joined(stream(0, 2, 1, 3, 4, 5, 6, 7), end),
            joined(stream(0, 1, 2, 3, 4, 5, 6), end),
            Arrays.copyOf(WHOLE, WHOLE.length - 1),
            Arrays.copyOf(WHOLE, 70),
            changed
        }) {
            assertStuck(Why.NONSENSE, next(waiting.heard(wrong)).silence());
        }
        assertStuck(Why.SUM_DIFFERS, waiting.heard(joined(stream(0, 1, 2, 3, 4, 5, 6, 7), end(77))));
    }

    /** Noise as the plug goes in is let go by; patience ends. */
    @Test
    void itWaitsForThePersonAndNotForEver() {
        Conversation<Receiving.Received> state =
                next(next(waiting.heard(new byte[] {0, 9})).silence());
        assertThat(next(state.silence()).heard(WHOLE)).isInstanceOf(Over.class);
        for (int i = 1; i < PATIENCE; i++) {
            state = next(state.silence());
        }
        assertStuck(Why.SILENCE, state.silence());
        assertStuck(Why.NONSENSE, next(state.heard(new byte[] {1})).silence());
    }

    /** Begun anew on the radio in the middle, it counts from there; set to take instead, that is told. */
    @Test
    void aSecondStartIsAStartAndTheOtherKeyIsTold() {
        assertThat(next(waiting.heard(stream(0, 1, 2))).heard(WHOLE)).isInstanceOf(Over.class);
        assertStuck(Why.WRONG_WAY, waiting.heard(CloneFrame.who(CloneFrame.TAKES, "KESTROW K31 1.40", new byte[4])));
    }

    /** A radio that begins to say that it is ready and never ends, over and over, does not keep anybody for ever. */
    @Test
    void whoOnlyBeginsToBeReadyIsGivenUp() {
        byte[] takes = CloneFrame.who(CloneFrame.TAKES, "KESTROW K31 1.40", new byte[4]);
        Conversation<Ready.There> state = Ready.waiting(BLOCK, PATIENCE);
        assertThat(state.heard(takes)).isInstanceOf(Over.class);
        Turn<Ready.There> turn = Conversation.listen(state);
        for (int i = 0; turn instanceof Go<Ready.There> go; i++) {
            assertThat(i).isLessThanOrEqualTo(PATIENCE);
            turn = ((Go<Ready.There>) go.next().heard(Arrays.copyOf(takes, 9)))
                    .next()
                    .silence();
        }
        assertThat(turn).isInstanceOf(Stuck.class);
    }
}
