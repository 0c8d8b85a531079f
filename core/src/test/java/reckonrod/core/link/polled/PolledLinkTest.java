package reckonrod.core.link.polled;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static reckonrod.core.link.ScriptedPort.SILENCE;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import reckonrod.core.definition.LinkDefinition.PolledBlocks;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.link.LinkException;
import reckonrod.core.link.ScriptedPort;

class PolledLinkTest {
    private static final RadioDefinition W12 =
            RadioDefinitions.shipped().find("wrenling-w12").orElseThrow();

    private final ScriptedPort port = new ScriptedPort();
    private final PolledLink link =
            new PolledLink(W12, (PolledBlocks) W12.line().family(), port);

    private static byte[] block(int filler) {
        byte[] data = new byte[16];
        Arrays.fill(data, (byte) filler);
        return data;
    }

    private static byte[] data(int block, int filler) {
        return Frame.at(Frame.DATA, block * 16, block(filler));
    }

    private static byte[] ident(String text) {
        byte[] content = (" " + text).getBytes(StandardCharsets.US_ASCII);
        content[0] = (byte) text.length();
        return Frame.of(Frame.IDENT, content);
    }

    @Test
    void aLostAnswerIsAskedForAgain() throws LinkException {
        port.then(SILENCE, SILENCE, data(3, 7));
        assertThat(link.read(3)).isEqualTo(block(7));
        assertThat(port.sent()).hasSize(3).allSatisfy(frame -> assertThat(frame).isEqualTo(Frame.at(Frame.READ, 48)));
    }

    @Test
    void aDoubledAnswerDoesNotSpoilTheNextOne() throws LinkException {
        port.then(data(3, 7));
        assertThat(link.read(3)).isEqualTo(block(7));
        port.then(data(3, 7), SILENCE, data(4, 8));
        assertThat(link.read(4)).isEqualTo(block(8));
    }

    @Test
    void aLateAnswerOfAnotherBlockIsNotTakenForThisOne() throws LinkException {
        port.then(data(9, 1), data(4, 8), SILENCE, data(4, 9));
        assertThat(link.read(4)).as("only what comes after silence counts").isEqualTo(block(9));
    }

    @Test
    void aTruncatedAndACorruptedAnswerAreAskedForAgain() throws LinkException {
        byte[] corrupted = data(5, 1);
        corrupted[8] ^= 0x40;
        port.then(Arrays.copyOf(data(5, 1), 10), SILENCE, corrupted, SILENCE, data(5, 1));
        assertThat(link.read(5)).isEqualTo(block(1));
    }

    @Test
    void theHighestAddressFitsItsTwoBytes() throws LinkException {
        port.then(data(255, 2));
        assertThat(link.read(255)).isEqualTo(block(2));
        assertThat(port.sent().get(0)).startsWith('R', 0x0F, 0xF0);
    }

    @Test
    void aRefusedWriteIsNotTriedAgain() {
        port.then(Frame.at(Frame.REFUSE, 32));
        assertThatThrownBy(() -> link.write(2, block(0))).hasMessageContaining("refused what was asked");
        assertThat(port.sent()).hasSize(1);
    }

    @Test
    void anAcceptanceOfAnotherBlockIsNoAcceptance() {
        port.then(Frame.at(Frame.ACCEPT, 16), SILENCE, SILENCE, SILENCE);
        assertThatThrownBy(() -> link.write(2, block(0))).isInstanceOf(LinkException.class);
    }

    @Test
    void identityMustBeTheModelAndAFirmware() throws LinkException {
        port.then(ident("WRENLING W12 1.07"));
        assertThat(link.identify().said()).isEqualTo("WRENLING W12 1.07");
        port.then(ident("WRENLING W120 1.07"));
        assertThatThrownBy(link::identify).hasMessageContainingAll("WRENLING W120", "Nothing was read or written");
    }

    @Test
    void aBrokenLineIsTheCable() {
        port.close();
        assertThatThrownBy(() -> link.read(0)).hasMessageContaining("cable came off");
    }

    @Test
    void goodbyeMayGoUnheard() {
        link.leave();
        assertThat(port.sent()).hasSize(W12.line().cable().pace().tries());
    }
}
