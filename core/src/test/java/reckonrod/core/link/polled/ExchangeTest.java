package reckonrod.core.link.polled;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.api.Test;

class ExchangeTest {
    private static final byte[] REQUEST = Frame.at(Frame.READ, 0x0120);
    private static final byte[] ANSWER = Frame.at(Frame.DATA, 0x0120, new byte[16]);

    private final Exchange exchange = Exchange.of(REQUEST, new byte[] {Frame.DATA, 0x01, 0x20}, 16, 3);

    private static Exchange next(Exchange.Step step) {
        return step instanceof Exchange.Waiting waiting ? waiting.next() : ((Exchange.SendAgain) step).next();
    }

    @Test
    void anAnswerMayComeInAnyPieces() {
        Exchange state = exchange;
        for (int i = 0; i < ANSWER.length - 1; i++) {
            state = next(state.arrived(new byte[] {ANSWER[i]}));
        }
        assertThat(state.arrived(new byte[] {ANSWER[ANSWER.length - 1]})).isInstanceOf(Exchange.Answered.class);
    }

    @Test
    void aSpoiledTruncatedOrForeignAnswerIsAskedForAgainAfterSilence() {
        byte[] flipped = ANSWER.clone();
        flipped[7] ^= 1;
        byte[] other = Frame.at(Frame.DATA, 0x0130, new byte[16]);
        byte[] cut = Arrays.copyOf(ANSWER, 9);
        byte[] doubled = Arrays.copyOf(ANSWER, ANSWER.length + 1);
        for (byte[] wrong : new byte[][] {flipped, other, cut, doubled, {0}, {(byte) 0xFF, 'D'}}) {
            Exchange.Step step = exchange.arrived(wrong);
            assertThat(step).isInstanceOf(Exchange.Waiting.class);
            Exchange.Step again = next(step).silence();
            assertThat(again).isInstanceOf(Exchange.SendAgain.class);
            assertThat(next(again).arrived(ANSWER)).isInstanceOf(Exchange.Answered.class);
        }
    }

    @Test
    void aLateAnswerBehindAWrongOneIsNotTakenBeforeTheLineIsSilent() {
        Exchange spoiled = next(exchange.arrived(new byte[] {0}));
        assertThat(spoiled.arrived(ANSWER)).isInstanceOf(Exchange.Waiting.class);
    }

    @Test
    void itGivesUpAfterTheLastTryAndSaysWhetherAnythingCame() {
        Exchange.Step step = exchange.silence();
        step = next(step).silence();
        assertThat(next(step).silence()).isEqualTo(new Exchange.GivenUp(false));
        assertThat(next(next(step).arrived(new byte[] {0})).silence()).isEqualTo(new Exchange.GivenUp(true));
    }

    @Test
    void aRefusalEndsItAtOnce() {
        assertThat(exchange.arrived(Frame.at(Frame.REFUSE, 0x0120))).isInstanceOf(Exchange.Refused.class);
    }
}
