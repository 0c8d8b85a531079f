package reckonrod.core.link.blocks;

import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import reckonrod.core.definition.LinkDefinition.Cable;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.Course;
import reckonrod.core.link.LinkException;
import reckonrod.core.link.LinkException.Fault;
import reckonrod.core.link.Loader;
import reckonrod.core.link.TransferWatch;
import reckonrod.core.link.TransferWatch.Phase;
import reckonrod.core.link.WriteEstimate;

/**
 * Whole transfers, block by block. Each block has a check of its own, which a long noise passes now and then; so the radio is
 * asked for the sum of all as well, and nothing counts as read or written that does not agree with it.
 */
public final class BlockLoader implements Loader {
    private static final int LINE_BITS_OF_A_BYTE = 10;

    /** Who is there, two sums and the goodbye. */
    private static final int BYTES_BESIDES = 60;

    private final BlockLink link;
    private final TransferWatch watch;
    private final Course course;
    private final int memoryBytes;
    private final int blockBytes;

    /**
     * A transfer to be made once.
     *
     * @param memoryBytes the size of the radio's memory, whole blocks
     * @param watch follows it
     */
    public BlockLoader(BlockLink link, int memoryBytes, int blockBytes, TransferWatch watch) {
        this.link = link;
        this.watch = watch;
        this.course = new Course(watch);
        this.memoryBytes = memoryBytes;
        this.blockBytes = blockBytes;
    }

    @Override
    public MemoryImage read() throws LinkException {
        begin(memoryBytes);
        return wasRead(readAll(Phase.READ));
    }

    @Override
    public MemoryImage readAgain(MemoryImage known) throws LinkException {
        begin(memoryBytes);
        Optional<BitSet> changed = link.changed();
        if (changed.isPresent()) {
            MemoryImage now = readChanged(known, changed.get());
            if (now.cyclicSum() == link.sum()) {
                course.advance(Phase.READ, memoryBytes);
                return wasRead(now);
            }
            // Somebody else had it remember something, or what is known is of another radio.
            course.adds(changed.get().cardinality() * blockBytes);
        }
        return wasRead(readAll(Phase.READ));
    }

    @Override
    public MemoryImage write(MemoryImage from, MemoryImage to) throws LinkException {
        List<Integer> blocks = from.blocksThatDiffer(to, blockBytes);
        begin(2 * blocks.size() * blockBytes);
        course.in(Phase.COMPARE);
        course.stopIfTold();
        if (link.sum() != from.cyclicSum()) {
            course.adds(memoryBytes);
            watch.memoryWasRead(readAll(Phase.COMPARE));
            throw new LinkException(
                    Fault.CHANGED_SINCE_READ,
                    "The radio's memory was changed since it was read. What it holds now is kept as a snapshot;"
                            + " look at what writing would change now.");
        }
        return written(blocks, to);
    }

    @Override
    public MemoryImage restore(MemoryImage to) throws LinkException {
        begin(memoryBytes);
        MemoryImage now = readAll(Phase.READ);
        watch.memoryWasRead(now);
        List<Integer> blocks = now.blocksThatDiffer(to, blockBytes);
        course.adds(2 * blocks.size() * blockBytes);
        return written(blocks, to);
    }

    /** The cost of bringing a radio from one image to another: what differs is written and read back. */
    public static WriteEstimate estimate(Cable cable, int bytesAroundBlock, MemoryImage from, MemoryImage to) {
        int blocks = from.blocksThatDiffer(to, cable.blockBytes()).size();
        if (blocks == 0) {
            return new WriteEstimate(0, 0, 0);
        }
        long lineBits = (2L * blocks * (cable.blockBytes() + bytesAroundBlock) + BYTES_BESIDES) * LINE_BITS_OF_A_BYTE;
        int baud = cable.pace().baud();
        return new WriteEstimate(blocks, blocks * cable.blockBytes(), (int) ((lineBits + baud - 1) / baud));
    }

    private void begin(int total) throws LinkException {
        course.adds(total);
        course.in(Phase.IDENTIFY);
        course.stopIfTold();
        watch.isThere(link.identify());
    }

    private MemoryImage wasRead(MemoryImage image) throws LinkException {
        watch.memoryWasRead(image);
        link.remember();
        link.leave();
        return image;
    }

    private MemoryImage readAll(Phase phase) throws LinkException {
        byte[] memory = new byte[memoryBytes];
        for (int block = 0; block < memory.length / blockBytes; block++) {
            System.arraycopy(readOne(phase, block), 0, memory, block * blockBytes, blockBytes);
        }
        MemoryImage image = MemoryImage.of(memory);
        if (link.sum() != image.cyclicSum()) {
            throw new LinkException(
                    Fault.GARBAGE,
                    "Each block came whole, and all together they are not what the radio says it holds. Check that the plug"
                            + " sits tight, then start over.");
        }
        return image;
    }

    private MemoryImage readChanged(MemoryImage known, BitSet changed) throws LinkException {
        byte[] memory = known.toBytes();
        for (int block = changed.nextSetBit(0); block >= 0; block = changed.nextSetBit(block + 1)) {
            course.stopIfTold();
            System.arraycopy(link.read(block), 0, memory, block * blockBytes, blockBytes);
            course.advance(Phase.READ, blockBytes);
        }
        return MemoryImage.of(memory);
    }

    private byte[] readOne(Phase phase, int block) throws LinkException {
        course.stopIfTold();
        byte[] data = link.read(block);
        course.advance(phase, blockBytes);
        return data;
    }

    /** Writes blocks and reads them back; what the radio holds afterwards. */
    private MemoryImage written(List<Integer> blocks, MemoryImage to) throws LinkException {
        if (!blocks.isEmpty()) {
            course.writingBegins();
        }
        for (int block : blocks) {
            course.stopIfTold();
            link.write(block, to.block(block, blockBytes));
            course.advance(Phase.WRITE, blockBytes);
        }
        for (int block : blocks) {
            if (!Arrays.equals(readOne(Phase.READ_BACK, block), to.block(block, blockBytes))) {
                throw notKept();
            }
        }
        if (link.sum() != to.cyclicSum()) {
            throw blocks.isEmpty() ? changedMeanwhile() : notKept();
        }
        link.remember();
        link.leave();
        return to;
    }

    private static LinkException notKept() {
        return new LinkException(
                Fault.NOT_AS_WRITTEN,
                "The radio did not keep what was written. Its memory may be worn or the cable bad; put the snapshot back.");
    }

    private static LinkException changedMeanwhile() {
        return new LinkException(
                Fault.CHANGED_SINCE_READ, "The radio was changed while it was read. Leave it alone and start over.");
    }
}
