package reckonrod.sim.device.polled;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.BitSet;
import reckonrod.core.definition.LinkDefinition.PolledBlocks;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.polled.Frame;
import reckonrod.sim.device.Device;
import reckonrod.sim.device.RadioMemory;
import reckonrod.sim.device.Received;

/** The radio's side of the polled-block protocol. */
public final class PolledDevice implements Device {
    private static final int HEAD = 3;
    private static final byte[] SILENCE = {};

    private final int memoryBytes;
    private final PolledBlocks family;
    private final String ident;
    private final RadioMemory memory;
    private final Received received;

    /**
     * A device.
     *
     * @param ident what it answers when it is asked who it is
     * @param memory what it reads from and writes into
     */
    public PolledDevice(RadioDefinition radio, PolledBlocks family, String ident, RadioMemory memory) {
        this.memoryBytes = radio.layout().bytes();
        this.family = family;
        this.ident = ident;
        this.memory = memory;
        this.received = new Received(Frame.framing(family.blockBytes(), memoryBytes / family.blockBytes()));
    }

    @Override
    public byte[] silence() {
        received.silence();
        return SILENCE;
    }

    @Override
    public boolean isOfWrite(byte next) {
        return (received.size() == 0 ? next : received.at(0)) == Frame.WRITE;
    }

    @Override
    public byte[] take(byte next) {
        return received.take(next).map(this::answer).orElse(SILENCE);
    }

    private byte[] answer(byte[] frame) {
        return switch (frame[0]) {
            case Frame.ENQUIRE -> ident();
            case Frame.READ -> read(address(frame));
            case Frame.WRITE -> write(address(frame), Arrays.copyOfRange(frame, HEAD, frame.length));
            case Frame.SUM ->
                Frame.of(
                        Frame.TOTAL,
                        ByteBuffer.allocate(Integer.BYTES)
                                .putInt(memory.image().cyclicSum())
                                .array());
            case Frame.CHANGED -> family.tellsChanged() ? changed() : SILENCE;
            case Frame.REMEMBER -> family.tellsChanged() ? remember() : SILENCE;
            case Frame.LEAVE -> Frame.at(Frame.ACCEPT, 0);
            default -> SILENCE;
        };
    }

    private byte[] ident() {
        byte[] text = ident.getBytes(StandardCharsets.US_ASCII);
        byte[] content = new byte[text.length + 1];
        content[0] = (byte) text.length;
        System.arraycopy(text, 0, content, 1, text.length);
        return Frame.of(Frame.IDENT, content);
    }

    private byte[] read(int address) {
        int size = family.blockBytes();
        return inside(address, size)
                ? Frame.at(Frame.DATA, address, memory.read(address, size))
                : Frame.at(Frame.REFUSE, address);
    }

    private byte[] write(int address, byte[] data) {
        if (!inside(address, data.length)) {
            return Frame.at(Frame.REFUSE, address);
        }
        memory.write(address, data);
        return Frame.at(Frame.ACCEPT, address);
    }

    /** All of them, where the radio was never told to remember. */
    private byte[] changed() {
        int blocks = memoryBytes / family.blockBytes();
        BitSet map = new BitSet(blocks);
        MemoryImage now = memory.image();
        memory.remembered()
                .ifPresentOrElse(
                        then -> then.blocksThatDiffer(now, family.blockBytes()).forEach(map::set),
                        () -> map.set(0, blocks));
        return Frame.of(Frame.MAP, Arrays.copyOf(map.toByteArray(), (blocks + 7) / 8));
    }

    private byte[] remember() {
        memory.remember();
        return Frame.at(Frame.ACCEPT, 0);
    }

    private boolean inside(int address, int size) {
        return address % size == 0 && address + size <= memoryBytes;
    }

    private static int address(byte[] frame) {
        return (frame[1] & 0xFF) << 8 | frame[2] & 0xFF;
    }
}
