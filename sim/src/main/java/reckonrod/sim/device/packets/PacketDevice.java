package reckonrod.sim.device.packets;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import reckonrod.core.definition.LinkDefinition.FramedPackets;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.link.packets.Packet;
import reckonrod.sim.device.Device;
import reckonrod.sim.device.RadioMemory;
import reckonrod.sim.device.Received;

/** The radio's side of the framed-packet protocol: a number that it has just answered is answered again, and not done again. */
public final class PacketDevice implements Device {
    private static final int PLACE = 2;
    private static final byte[] SILENCE = {};

    private final int memoryBytes;
    private final int blockBytes;
    private final String ident;
    private final RadioMemory memory;
    private final Received received = new Received(Packet::cut);
    private byte[] answered = SILENCE;
    private byte[] lastRequest = SILENCE;

    /** A device that names itself so and works on that memory. */
    public PacketDevice(RadioDefinition radio, FramedPackets family, String ident, RadioMemory memory) {
        this.memoryBytes = radio.layout().bytes();
        this.blockBytes = family.blockBytes();
        this.ident = ident;
        this.memory = memory;
    }

    @Override
    public byte[] silence() {
        received.silence();
        return SILENCE;
    }

    @Override
    public boolean isOfWrite(byte next) {
        return received.size() > 1 && received.at(1) == Packet.PUT;
    }

    @Override
    public byte[] take(byte next) {
        return received.take(next).map(this::answer).orElse(SILENCE);
    }

    private byte[] answer(byte[] packet) {
        if (!Arrays.equals(packet, lastRequest)) {
            lastRequest = packet;
            answered = answerOf(packet);
        }
        return answered;
    }

    private byte[] answerOf(byte[] packet) {
        byte[] content = Packet.content(packet);
        return switch (packet[1]) {
            case Packet.HELLO -> yes(packet, ident.getBytes(StandardCharsets.US_ASCII));
            case Packet.GET -> content.length == PLACE && inside(content) ? get(packet, content) : no(packet);
            case Packet.PUT ->
                content.length == PLACE + blockBytes && inside(content) ? put(packet, content) : no(packet);
            case Packet.SUM ->
                yes(
                        packet,
                        ByteBuffer.allocate(Integer.BYTES)
                                .putInt(memory.image().cyclicSum())
                                .array());
            case Packet.BYE -> yes(packet, SILENCE);
            default -> no(packet);
        };
    }

    private byte[] get(byte[] packet, byte[] content) {
        byte[] answer = Arrays.copyOf(content, PLACE + blockBytes);
        System.arraycopy(memory.read(place(content), blockBytes), 0, answer, PLACE, blockBytes);
        return yes(packet, answer);
    }

    private byte[] put(byte[] packet, byte[] content) {
        memory.write(place(content), Arrays.copyOfRange(content, PLACE, content.length));
        return yes(packet, Arrays.copyOf(content, PLACE));
    }

    private static byte[] yes(byte[] packet, byte[] content) {
        return Packet.of(packet[1] | Packet.ANSWER, packet[2], content);
    }

    private static byte[] no(byte[] packet) {
        return Packet.of(Packet.NO, packet[2]);
    }

    private boolean inside(byte[] content) {
        return place(content) % blockBytes == 0 && place(content) + blockBytes <= memoryBytes;
    }

    private static int place(byte[] content) {
        return (content[0] & 0xFF) << 8 | content[1] & 0xFF;
    }
}
