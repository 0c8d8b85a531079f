package reckonrod.sim.device.clone;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.function.Consumer;
import java.util.function.Supplier;
import reckonrod.core.definition.LinkDefinition.StreamedClone;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.clone.CloneFrame;
import reckonrod.sim.device.Device;
import reckonrod.sim.device.RadioMemory;
import reckonrod.sim.device.Received;

/** The radio's side of the streamed-clone protocol: it does what the person started, and nothing by itself. */
public final class CloneDevice implements Device {
    private static final byte[] SILENCE = {};
    private static final int HEAD = 3;

    private final int memoryBytes;
    private final int blockBytes;
    private final String ident;
    private final RadioMemory memory;
    private final Supplier<CloneKey> started;
    private final Consumer<CloneKey> set;
    private final Received received;
    private boolean taking;
    private boolean begun;

    /**
     * A device.
     *
     * @param started what the person has started
     * @param set changes that: what is through is not started any more
     */
    public CloneDevice(
            RadioDefinition radio,
            StreamedClone family,
            String ident,
            RadioMemory memory,
            Supplier<CloneKey> started,
            Consumer<CloneKey> set) {
        this.memoryBytes = radio.layout().bytes();
        this.blockBytes = family.blockBytes();
        this.ident = ident;
        this.memory = memory;
        this.started = started;
        this.set = set;
        this.received = new Received(CloneFrame.framing(blockBytes));
    }

    @Override
    public byte[] silence() {
        received.silence();
        if (begun) {
            return SILENCE;
        }
        return switch (started.get()) {
            case NOTHING -> SILENCE;
            case SEND -> sent();
            case TAKE -> {
                taking = true;
                yield CloneFrame.who(CloneFrame.TAKES, ident, sum());
            }
        };
    }

    private byte[] sent() {
        set.accept(CloneKey.NOTHING);
        MemoryImage image = memory.image();
        ByteArrayOutputStream stream = new ByteArrayOutputStream();
        stream.writeBytes(CloneFrame.who(CloneFrame.SENDS, ident));
        for (int block = 0; block < image.size() / blockBytes; block++) {
            stream.writeBytes(CloneFrame.numbered(CloneFrame.BLOCK, block, image.block(block, blockBytes)));
        }
        stream.writeBytes(CloneFrame.of(CloneFrame.END, sum()));
        return stream.toByteArray();
    }

    @Override
    public boolean isOfWrite(byte next) {
        return taking && (received.size() == 0 ? next : received.at(0)) == CloneFrame.BLOCK;
    }

    @Override
    public byte[] take(byte next) {
        return taking ? received.take(next).map(this::answer).orElse(SILENCE) : SILENCE;
    }

    private byte[] answer(byte[] frame) {
        if (frame[0] == CloneFrame.BLOCK) {
            begun = true;
            set.accept(CloneKey.NOTHING);
            int number = CloneFrame.number(frame);
            if ((number + 1) * blockBytes > memoryBytes) {
                return SILENCE;
            }
            memory.write(number * blockBytes, Arrays.copyOfRange(frame, HEAD, frame.length));
            return CloneFrame.numbered(CloneFrame.TAKEN, number);
        }
        return frame[0] == CloneFrame.END ? CloneFrame.of(CloneFrame.HOLDS, sum()) : SILENCE;
    }

    private byte[] sum() {
        return ByteBuffer.allocate(Integer.BYTES)
                .putInt(memory.image().cyclicSum())
                .array();
    }
}
