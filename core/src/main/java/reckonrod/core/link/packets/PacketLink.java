package reckonrod.core.link.packets;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Optional;
import reckonrod.core.definition.LinkDefinition.FramedPackets;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.link.Exchange;
import reckonrod.core.link.Exchange.Meaning;
import reckonrod.core.link.Identity;
import reckonrod.core.link.LinkException;
import reckonrod.core.link.Port;
import reckonrod.core.link.Talk;
import reckonrod.core.link.blocks.BlockLink;

/** Talks to a radio in numbered packets: what comes twice or late is told by its number and passed over. */
public final class PacketLink implements BlockLink {
    /** A block takes a request and an answer, and its place in both. */
    public static final int BYTES_AROUND_BLOCK = 2 * Packet.BYTES_AROUND + 4;

    private static final int PLACE = 2;

    private final RadioDefinition radio;
    private final FramedPackets family;
    private final Talk talk;
    private int sequence;

    /** Over an open line to a radio of that model. */
    public PacketLink(RadioDefinition radio, FramedPackets family, Port port) {
        this.radio = radio;
        this.family = family;
        this.talk = new Talk(radio, family, port);
    }

    @Override
    public Identity identify() throws LinkException {
        sequence = 0;
        byte[] said = Packet.content(talk.greet(asked(Packet.HELLO)));
        return Identity.require(radio, new String(said, StandardCharsets.US_ASCII));
    }

    @Override
    public byte[] read(int block) throws LinkException {
        byte[] content = Packet.content(talk.ask(asked(Packet.GET, place(block))));
        return Arrays.copyOfRange(content, PLACE, content.length);
    }

    @Override
    public void write(int block, byte[] data) throws LinkException {
        byte[] content = Arrays.copyOf(place(block), PLACE + data.length);
        System.arraycopy(data, 0, content, PLACE, data.length);
        talk.ask(asked(Packet.PUT, content));
    }

    @Override
    public int sum() throws LinkException {
        return ByteBuffer.wrap(talk.ask(asked(Packet.SUM))).getInt(Packet.CONTENT);
    }

    @Override
    public Optional<BitSet> changed() {
        return Optional.empty();
    }

    @Override
    public void remember() {
        // It cannot.
    }

    @Override
    public void leave() {
        try {
            talk.ask(asked(Packet.BYE));
        } catch (LinkException unheard) {
            // The person switches the radio off and on; the screen says so anyway.
        }
    }

    private byte[] place(int block) {
        int at = block * family.blockBytes();
        return new byte[] {(byte) (at >>> 8), (byte) at};
    }

    /** The next request. Numbers go round; an answer is of this request only with its very number and kind. */
    private Exchange.Asked asked(byte kind, byte... content) {
        byte number = (byte) sequence++;
        int answerBytes = switch (kind) {
            case Packet.GET -> PLACE + family.blockBytes();
            case Packet.PUT -> PLACE;
            case Packet.SUM -> Integer.BYTES;
            default -> -1;
        };
        return new Exchange.Asked(Packet.of(kind, number, content), Packet::cut, packet -> {
            if (packet[2] != number) {
                return Meaning.OLD;
            }
            if (packet[1] == Packet.NO) {
                return Meaning.REFUSAL;
            }
            boolean fits = packet[1] == (byte) (kind | Packet.ANSWER)
                    && (answerBytes < 0 || packet.length == Packet.CONTENT + answerBytes)
                    && (answerBytes < PLACE
                            || kind == Packet.SUM
                            || packet[4] == content[0] && packet[5] == content[1]);
            return fits ? Meaning.ANSWER : Meaning.WRONG;
        });
    }
}
