package reckonrod.core.link;

import reckonrod.core.image.MemoryImage;
import reckonrod.core.radio.LinkDefinition;
import reckonrod.core.radio.RadioDefinition;

/**
 * What a write will cost, told beforehand.
 *
 * @param blocks the blocks that differ
 * @param bytes the memory bytes in them
 * @param seconds the time on the line, in seconds, rounded up; 0 when nothing differs
 */
public record WriteEstimate(int blocks, int bytes, int seconds) {
    /** A block is read to compare, written, and read back: 24 bytes around its data each time. */
    private static final int FRAME_BYTES_A_BLOCK = 3 * 8;

    private static final int TIMES_OVER_THE_LINE = 3;
    private static final int LINE_BITS_OF_A_BYTE = 10;

    /** The cost of bringing a radio from one image to another. */
    public static WriteEstimate of(RadioDefinition radio, MemoryImage from, MemoryImage to) {
        LinkDefinition link = radio.link();
        int blocks = from.blocksThatDiffer(to, link.blockBytes()).size();
        long lineBits =
                (long) blocks * (TIMES_OVER_THE_LINE * link.blockBytes() + FRAME_BYTES_A_BLOCK) * LINE_BITS_OF_A_BYTE;
        return new WriteEstimate(
                blocks, blocks * link.blockBytes(), (int) ((lineBits + link.baud() - 1) / link.baud()));
    }
}
