package reckonrod.sim.device.polled;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.link.polled.Frame;
import reckonrod.sim.device.Device;
import reckonrod.sim.device.RadioMemory;

/** The radio's side of the polled-block protocol. */
public final class PolledDevice implements Device {
    private static final int HEAD = 3;
    private static final byte[] SILENCE = {};

    private final RadioDefinition radio;
    private final String ident;
    private final RadioMemory memory;
    private byte[] received = SILENCE;

    /**
     * A device.
     *
     * @param ident what it answers when it is asked who it is
     * @param memory what it reads from and writes into
     */
    public PolledDevice(RadioDefinition radio, String ident, RadioMemory memory) {
        this.radio = radio;
        this.ident = ident;
        this.memory = memory;
    }

    @Override
    public void silence() {
        received = SILENCE;
    }

    @Override
    public boolean isOfWrite(byte next) {
        return (received.length == 0 ? next : received[0]) == Frame.WRITE;
    }

    @Override
    public byte[] take(byte next) {
        received = Arrays.copyOf(received, received.length + 1);
        received[received.length - 1] = next;
        int length = Frame.lengthOf(received, radio.line().blockBytes());
        if (length < 0) {
            received = SILENCE;
        }
        if (length <= 0 || received.length < length) {
            return SILENCE;
        }
        Optional<byte[]> frame = Frame.checked(received);
        received = SILENCE;
        return frame.map(this::answer).orElse(SILENCE);
    }

    private byte[] answer(byte[] frame) {
        return switch (frame[0]) {
            case Frame.ENQUIRE -> ident();
            case Frame.READ -> read(address(frame));
            case Frame.WRITE -> write(address(frame), Arrays.copyOfRange(frame, HEAD, frame.length));
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
        int size = radio.line().blockBytes();
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

    private boolean inside(int address, int size) {
        return address % size == 0 && address + size <= radio.layout().bytes();
    }

    private static int address(byte[] frame) {
        return (frame[1] & 0xFF) << 8 | frame[2] & 0xFF;
    }
}
