package reckonrod.core.link.polled;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import reckonrod.core.definition.LinkDefinition;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.LinkException;
import reckonrod.core.link.LinkException.Fault;
import reckonrod.core.link.Loader;
import reckonrod.core.link.Port;
import reckonrod.core.link.TransferWatch;
import reckonrod.core.link.TransferWatch.Phase;
import reckonrod.core.link.TransferWatch.Stop;
import reckonrod.core.link.WriteEstimate;

/** Whole transfers, block by block. */
public final class PolledLoader implements Loader {
    /** A block goes over the line in a request and its answer: 8 bytes around its data. */
    private static final int FRAME_BYTES = 8;

    private static final int LINE_BITS_OF_A_BYTE = 10;

    private final RadioDefinition radio;
    private final PolledLink link;
    private final TransferWatch watch;
    private final int blockBytes;
    private int bytesDone;
    private int bytesTotal;

    /**
     * A transfer to be made once.
     *
     * @param radio the model that is expected at the other end
     * @param port the line to it, open
     * @param watch follows it
     */
    public PolledLoader(RadioDefinition radio, Port port, TransferWatch watch) {
        this.radio = radio;
        this.link = new PolledLink(radio, port);
        this.watch = watch;
        this.blockBytes = radio.line().blockBytes();
    }

    @Override
    public MemoryImage read() throws LinkException {
        begin(radio.layout().bytes());
        MemoryImage image = readAll(Phase.READ);
        watch.memoryWasRead(image);
        link.leave();
        return image;
    }

    @Override
    public MemoryImage write(MemoryImage from, MemoryImage to) throws LinkException {
        List<Integer> blocks = from.blocksThatDiffer(to, blockBytes);
        begin(radio.layout().bytes() + 2 * blocks.size() * blockBytes);
        MemoryImage now = readAll(Phase.COMPARE);
        if (!now.equals(from)) {
            watch.memoryWasRead(now);
            throw new LinkException(
                    Fault.CHANGED_SINCE_READ,
                    "The radio's memory was changed since it was read. What it holds now is kept as a snapshot;"
                            + " look at what writing would change now.");
        }
        return written(now, blocks, to);
    }

    @Override
    public MemoryImage restore(MemoryImage to) throws LinkException {
        begin(radio.layout().bytes());
        MemoryImage now = readAll(Phase.READ);
        watch.memoryWasRead(now);
        List<Integer> blocks = now.blocksThatDiffer(to, blockBytes);
        bytesTotal += 2 * blocks.size() * blockBytes;
        return written(now, blocks, to);
    }

    /** The cost of bringing a radio from one image to another: all is read, then what differs is written and read back. */
    public static WriteEstimate estimate(RadioDefinition radio, MemoryImage from, MemoryImage to) {
        LinkDefinition link = radio.line();
        int blocks = from.blocksThatDiffer(to, link.blockBytes()).size();
        if (blocks == 0) {
            return new WriteEstimate(0, 0, 0);
        }
        long exchanges = from.size() / link.blockBytes() + 2L * blocks;
        long lineBits = exchanges * (link.blockBytes() + FRAME_BYTES) * LINE_BITS_OF_A_BYTE;
        return new WriteEstimate(
                blocks, blocks * link.blockBytes(), (int) ((lineBits + link.baud() - 1) / link.baud()));
    }

    private void begin(int total) throws LinkException {
        bytesTotal = total;
        watch.progress(Phase.IDENTIFY, 0, bytesTotal);
        link.identify();
    }

    private MemoryImage readAll(Phase phase) throws LinkException {
        byte[] memory = new byte[radio.layout().bytes()];
        for (int block = 0; block < memory.length / blockBytes; block++) {
            System.arraycopy(readOne(phase, block), 0, memory, block * blockBytes, blockBytes);
        }
        return MemoryImage.of(memory);
    }

    private byte[] readOne(Phase phase, int block) throws LinkException {
        stopIfTold();
        byte[] data = link.read(block);
        advance(phase);
        return data;
    }

    /** Writes blocks and reads them back; what is known of the radio afterwards. */
    private MemoryImage written(MemoryImage before, List<Integer> blocks, MemoryImage to) throws LinkException {
        byte[] memory = before.toBytes();
        if (!blocks.isEmpty()) {
            stopIfTold();
            watch.writingBegins();
        }
        for (int block : blocks) {
            stopIfTold();
            link.write(block, to.block(block, blockBytes));
            advance(Phase.WRITE);
        }
        for (int block : blocks) {
            byte[] back = readOne(Phase.READ_BACK, block);
            if (!Arrays.equals(back, to.block(block, blockBytes))) {
                throw new LinkException(
                        Fault.NOT_AS_WRITTEN,
                        "The radio did not keep what was written. Its memory may be worn or the cable bad; put the snapshot back.");
            }
            System.arraycopy(back, 0, memory, block * blockBytes, blockBytes);
        }
        link.leave();
        return MemoryImage.of(memory);
    }

    private void stopIfTold() throws LinkException {
        Optional<Stop> stop = watch.stop();
        if (stop.isPresent()) {
            throw new LinkException(stop.get());
        }
    }

    private void advance(Phase phase) {
        bytesDone += blockBytes;
        watch.progress(phase, bytesDone, bytesTotal);
    }
}
