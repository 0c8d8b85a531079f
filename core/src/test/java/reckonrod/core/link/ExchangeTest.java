package reckonrod.core.link;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import reckonrod.core.link.Conversation.Go;
import reckonrod.core.link.Conversation.Over;
import reckonrod.core.link.Conversation.Stuck;
import reckonrod.core.link.Conversation.Turn;
import reckonrod.core.link.Conversation.Why;
import reckonrod.core.link.Exchange.Meaning;
import reckonrod.core.link.packets.Packet;
import reckonrod.core.link.polled.Frame;

/** The table of states of {@code docs/links.md}, row by row. */
class ExchangeTest {
    private static final byte[] REQUEST = Frame.at(Frame.READ, 0x0120);
    private static final byte[] ANSWER = Frame.at(Frame.DATA, 0x0120, new byte[16]);

    private final Exchange exchange = Exchange.of(
            new Exchange.Asked(
                    REQUEST,
                    Frame.framing(16, 256),
                    frame -> frame[0] == Frame.REFUSE
                            ? Meaning.REFUSAL
                            : frame[0] == Frame.DATA && frame[1] == 1 && frame[2] == 0x20
                                    ? Meaning.ANSWER
                                    : Meaning.WRONG),
            3);
    private final Exchange numbered = Exchange.of(
            new Exchange.Asked(
                    Packet.of(Packet.SUM, 7), Packet::cut, packet -> packet[2] == 7 ? Meaning.ANSWER : Meaning.OLD),
            2);

    private static Conversation<byte[]> listening(Turn<byte[]> turn) {
        assertThat(turn)
                .isInstanceOfSatisfying(Go.class, go -> assertThat(go.say()).isEmpty());
        return ((Go<byte[]>) turn).next();
    }

    private static Conversation<byte[]> again(Turn<byte[]> turn, byte[] request) {
        assertThat(turn)
                .isInstanceOfSatisfying(Go.class, go -> assertThat(go.say()).isEqualTo(request));
        return ((Go<byte[]>) turn).next();
    }

    @Test
    void anAnswerMayComeInAnyPieces() {
        Conversation<byte[]> state = exchange;
        for (int i = 0; i < ANSWER.length - 1; i++) {
            state = listening(state.heard(new byte[] {ANSWER[i]}));
        }
        assertThat(state.heard(new byte[] {ANSWER[ANSWER.length - 1]})).isInstanceOf(Over.class);
    }

    @Test
    void aSpoiledTruncatedOrForeignAnswerIsAskedForAgainAfterSilence() {
        byte[] flipped = ANSWER.clone();
        flipped[7] ^= 1;
        byte[] other = Frame.at(Frame.DATA, 0x0130, new byte[16]);
        byte[] cut = Arrays.copyOf(ANSWER, 9);
        byte[] doubled = Arrays.copyOf(ANSWER, ANSWER.length + 1);
        for (byte[] wrong : new byte[][] {flipped, other, cut, doubled, {0}, {(byte) 0xFF, 'D'}}) {
            Conversation<byte[]> again = again(listening(exchange.heard(wrong)).silence(), REQUEST);
            assertThat(again.heard(ANSWER)).isInstanceOf(Over.class);
        }
    }

    @Test
    void aLateAnswerBehindAWrongOneIsNotTakenBeforeTheLineIsSilent() {
        listening(listening(exchange.heard(new byte[] {0})).heard(ANSWER));
    }

    @Test
    void itGivesUpAfterTheLastTryAndSaysWhetherAnythingCame() {
        Conversation<byte[]> last = again(again(exchange.silence(), REQUEST).silence(), REQUEST);
        assertThat(last.silence())
                .isInstanceOfSatisfying(
                        Stuck.class, stuck -> assertThat(stuck.why()).isEqualTo(Why.SILENCE));
        assertThat(listening(last.heard(new byte[] {0})).silence())
                .isInstanceOfSatisfying(
                        Stuck.class, stuck -> assertThat(stuck.why()).isEqualTo(Why.NONSENSE));
    }

    @Test
    void aRefusalEndsItAtOnce() {
        assertThat(exchange.heard(Frame.at(Frame.REFUSE, 0x0120)))
                .isInstanceOfSatisfying(
                        Stuck.class, stuck -> assertThat(stuck.why()).isEqualTo(Why.REFUSED));
    }

    /** An answer of before is passed over by its number, alone or in one piece with the right one; it costs no try. */
    @Test
    void whatComesLateIsToldByItsNumber() {
        byte[] old = Packet.of(Packet.SUM | Packet.ANSWER, 6, new byte[4]);
        byte[] right = Packet.of(Packet.SUM | Packet.ANSWER, 7, new byte[4]);
        byte[] both = Arrays.copyOf(old, old.length + right.length);
        System.arraycopy(right, 0, both, old.length, right.length);
        assertThat(numbered.heard(both)).isInstanceOf(Over.class);
        Conversation<byte[]> state = listening(listening(numbered.heard(old)).heard(old));
        assertThat(state.heard(right)).isInstanceOf(Over.class);
        again(state.silence(), Packet.of(Packet.SUM, 7));
    }
}
