package reckonrod.core.link;

import java.util.Arrays;
import java.util.List;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.LinkException.Fault;
import reckonrod.core.link.TransferWatch.Phase;
import reckonrod.core.radio.RadioDefinition;

/** Whole transfers: read a radio, or bring it from one image to another. */
public final class Transfer {
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
    public Transfer(RadioDefinition radio, Port port, TransferWatch watch) {
        this.radio = radio;
        this.link = new PolledLink(radio, port);
        this.watch = watch;
        this.blockBytes = radio.link().blockBytes();
    }

    /**
     * Reads the whole memory.
     *
     * @throws LinkException if another model answers, the line fails, or the person cancels
     */
    public MemoryImage read() throws LinkException {
        begin(radio.memory().bytes());
        MemoryImage image = readAll();
        link.leave();
        return image;
    }

    /**
     * Writes the blocks in which two images differ, after making sure that the radio still holds the first in those
     * blocks, and reads them back.
     *
     * @param from what the radio was last read to hold
     * @param to what it shall hold
     * @throws LinkException as {@link #read}; also if the radio was changed since, or holds something else afterwards
     */
    public void write(MemoryImage from, MemoryImage to) throws LinkException {
        List<Integer> blocks = from.blocksThatDiffer(to, blockBytes);
        begin(3 * blocks.size() * blockBytes);
        for (int block : blocks) {
            if (!Arrays.equals(readOne(Phase.COMPARE, block), from.block(block, blockBytes))) {
                throw new LinkException(
                        Fault.CHANGED_SINCE_READ,
                        "The radio's memory was changed since it was read. Nothing was written. Read it again.");
            }
        }
        writeBlocks(blocks, to);
        link.leave();
    }

    /**
     * Brings the radio to an image, whatever it holds now: reads all of it, writes what differs, reads that back.
     *
     * @return what it held before
     * @throws LinkException as {@link #write}
     */
    public MemoryImage restore(MemoryImage to) throws LinkException {
        begin(radio.memory().bytes());
        MemoryImage now = readAll();
        List<Integer> blocks = now.blocksThatDiffer(to, blockBytes);
        bytesTotal += 2 * blocks.size() * blockBytes;
        writeBlocks(blocks, to);
        link.leave();
        return now;
    }

    private void begin(int total) throws LinkException {
        bytesTotal = total;
        watch.progress(Phase.IDENTIFY, 0, bytesTotal);
        link.identify();
    }

    private MemoryImage readAll() throws LinkException {
        byte[] memory = new byte[radio.memory().bytes()];
        for (int block = 0; block < memory.length / blockBytes; block++) {
            System.arraycopy(readOne(Phase.READ, block), 0, memory, block * blockBytes, blockBytes);
        }
        MemoryImage image = MemoryImage.of(memory);
        watch.memoryWasRead(image);
        return image;
    }

    private byte[] readOne(Phase phase, int block) throws LinkException {
        stopIfCancelled();
        byte[] data = link.read(block);
        advance(phase);
        return data;
    }

    private void writeBlocks(List<Integer> blocks, MemoryImage to) throws LinkException {
        if (blocks.isEmpty()) {
            return;
        }
        stopIfCancelled();
        watch.writingBegins();
        for (int block : blocks) {
            stopIfCancelled();
            link.write(block, to.block(block, blockBytes));
            advance(Phase.WRITE);
        }
        for (int block : blocks) {
            if (!Arrays.equals(readOne(Phase.READ_BACK, block), to.block(block, blockBytes))) {
                throw new LinkException(
                        Fault.NOT_AS_WRITTEN,
                        "The radio did not keep what was written. Its memory may be worn or the cable bad; put the snapshot back.");
            }
        }
    }

    private void stopIfCancelled() throws LinkException {
        if (watch.cancelled()) {
            throw new LinkException(Fault.CANCELLED, "Stopped, as you asked.");
        }
    }

    private void advance(Phase phase) {
        bytesDone += blockBytes;
        watch.progress(phase, bytesDone, bytesTotal);
    }
}
