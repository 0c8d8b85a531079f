package reckonrod.core.link.packets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static reckonrod.core.link.ScriptedPort.SILENCE;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import reckonrod.core.definition.LinkDefinition.FramedPackets;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.link.LinkException;
import reckonrod.core.link.LinkException.Fault;
import reckonrod.core.link.ScriptedPort;

/** Numbered packets: what is of another number, of another place or of another kind is never taken for the answer. */
class PacketLinkTest {
    private static final RadioDefinition W40 =
            RadioDefinitions.shipped().find("wrenling-w40").orElseThrow();
    private static final int BLOCK = 64;

    private final ScriptedPort port = new ScriptedPort();
    private final PacketLink link =
            new PacketLink(W40, (FramedPackets) W40.line().family(), port);

    @BeforeEach
    void greets() throws LinkException {
        port.then(hello("WRENLING W40 2.04"));
        assertThat(link.identify().said()).isEqualTo("WRENLING W40 2.04");
        port.sent().clear();
    }

    private static byte[] hello(String ident) {
        return Packet.of(Packet.HELLO | Packet.ANSWER, 0, ident.getBytes(StandardCharsets.US_ASCII));
    }

    private static byte[] block(int filler) {
        byte[] data = new byte[BLOCK];
        Arrays.fill(data, (byte) filler);
        return data;
    }

    private static byte[] got(int number, int block, int filler) {
        byte[] content = new byte[2 + BLOCK];
        content[0] = (byte) (block * BLOCK >>> 8);
        content[1] = (byte) (block * BLOCK);
        Arrays.fill(content, 2, content.length, (byte) filler);
        return Packet.of(Packet.GET | Packet.ANSWER, number, content);
    }

    private static byte[] joined(byte[]... parts) {
        byte[] all = {};
        for (byte[] part : parts) {
            all = Arrays.copyOf(all, all.length + part.length);
            System.arraycopy(part, 0, all, all.length - part.length, part.length);
        }
        return all;
    }

    private static void assertFault(Fault fault, org.assertj.core.api.ThrowableAssert.ThrowingCallable call) {
        assertThatThrownBy(call)
                .isInstanceOfSatisfying(
                        LinkException.class,
                        failed -> assertThat(failed.fault()).isEqualTo(fault));
    }

    /** The same request goes out again with the same number, so that the radio does not do it twice. */
    @Test
    void aLostAnswerIsAskedForWithTheSameNumber() throws LinkException {
        port.then(SILENCE, SILENCE, got(1, 5, 7));
        assertThat(link.read(5)).isEqualTo(block(7));
        byte[] request = Packet.of(Packet.GET, 1, (byte) 0x01, (byte) 0x40);
        assertThat(port.sent()).hasSize(3).allSatisfy(each -> assertThat(each).isEqualTo(request));
        port.then(got(2, 6, 8));
        assertThat(link.read(6)).isEqualTo(block(8));
    }

    /** Late answers of the request before lie in front of the right one, behind it, or alone. */
    @Test
    void whatIsOfAnotherNumberIsPassedOver() throws LinkException {
        port.then(got(1, 5, 7));
        link.read(5);
        port.then(joined(got(1, 5, 7), got(2, 5, 9)));
        assertThat(link.read(5)).isEqualTo(block(9));
        port.then(got(1, 5, 7), got(2, 5, 9), got(3, 5, 11));
        assertThat(link.read(5)).isEqualTo(block(11));
        assertThat(port.sent()).as("nothing was asked for twice").hasSize(3);
    }

    /** The right number with another place, a block too short or too long, or another kind: nothing of that is the block. */
    @Test
    void theRightNumberAloneIsNoAnswer() throws LinkException {
        byte[] shorter = Packet.of(Packet.GET | Packet.ANSWER, 1, Arrays.copyOf(new byte[] {1, 0x40}, 1 + BLOCK));
        byte[] longer = Packet.of(Packet.GET | Packet.ANSWER, 1, Arrays.copyOf(new byte[] {1, 0x40}, 3 + BLOCK));
        byte[] written = Packet.of(Packet.PUT | Packet.ANSWER, 1, (byte) 1, (byte) 0x40);
        port.then(got(1, 6, 7), SILENCE, shorter, SILENCE, longer, SILENCE, got(1, 5, 9));
        assertThat(link.read(5)).isEqualTo(block(9));
        port.then(written, SILENCE, got(2, 4, 1), SILENCE, got(2, 261, 1), SILENCE, SILENCE);
        assertFault(Fault.NO_ANSWER, () -> link.read(5));
    }

    /** Numbers are of one byte and go round; the 256th request is not mistaken for the first. */
    @Test
    void numbersGoRound() throws LinkException {
        for (int i = 1; i <= 300; i++) {
            port.then(got(i - 1, i, 1), got(i, i, i % 100));
            assertThat(link.read(i)).as("request %d", i).isEqualTo(block(i % 100));
        }
        assertThat(port.sent()).hasSize(300);
        assertThat(port.sent().get(255)[2]).isZero();
    }

    /** A greeting begins the numbers anew, on both sides. */
    @Test
    void aGreetingBeginsAnew() throws LinkException {
        port.then(got(1, 5, 7));
        link.read(5);
        port.then(hello("WRENLING W40 2.04"), got(1, 5, 8));
        link.identify();
        assertThat(link.read(5)).isEqualTo(block(8));
    }

    @Test
    void aBlockIsWrittenAtItsPlaceAndTakenOnlyThere() throws LinkException {
        byte[] taken = Packet.of(Packet.PUT | Packet.ANSWER, 1, (byte) 0x3F, (byte) 0xC0);
        port.then(taken);
        link.write(255, block(3));
        assertThat(port.sent().get(0)).startsWith(0xC3, Packet.PUT, 1, 66, 0x3F, 0xC0, 3, 3);
        byte[] elsewhere = Packet.of(Packet.PUT | Packet.ANSWER, 2, (byte) 0x3F, (byte) 0x80);
        byte[] tooMuch = Packet.of(Packet.PUT | Packet.ANSWER, 2, (byte) 0x3F, (byte) 0xC0, (byte) 3);
        port.then(elsewhere, SILENCE, tooMuch, SILENCE);
        assertThatThrownBy(() -> link.write(255, block(3))).isInstanceOf(LinkException.class);
    }

    @Test
    void aSumIsOfFourBytesWithItsSign() throws LinkException {
        port.then(Packet.of(Packet.SUM | Packet.ANSWER, 1, (byte) 0xCB, (byte) 0xF4, (byte) 0x39, (byte) 0x26));
        assertThat(link.sum()).isEqualTo(0xCBF43926);
        byte[] three = Packet.of(Packet.SUM | Packet.ANSWER, 2, (byte) 0xCB, (byte) 0xF4, (byte) 0x39);
        port.then(three, SILENCE, three, SILENCE, three, SILENCE, three);
        assertFault(Fault.GARBAGE, link::sum);
    }

    @Test
    void aRefusalIsNotTriedAgain() {
        port.then(Packet.of(Packet.NO, 1));
        assertFault(Fault.REFUSED, () -> link.write(2, block(0)));
        assertThat(port.sent()).hasSize(1);
    }

    /** It cannot tell what was changed, and a goodbye that nobody hears is no fault. */
    @Test
    void itKeepsNoCountAndMayLeaveUnheard() {
        link.remember();
        assertThat(link.changed()).isEmpty();
        assertThat(port.sent()).isEmpty();
        link.leave();
        assertThat(port.sent()).hasSize(W40.line().cable().pace().tries());
    }
}
