package reckonrod.core.link;

import reckonrod.core.definition.LinkDefinition;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.image.MemoryImage;

/**
 * What a write will cost, told beforehand.
 *
 * @param blocks the blocks that differ
 * @param bytes the memory bytes in them
 * @param seconds the time on the line, in seconds, rounded up; 0 when nothing differs
 */
public record WriteEstimate(int blocks, int bytes, int seconds) {
    /** A block goes over the line in a request and its answer: 8 bytes around its data. */
    private static final int FRAME_BYTES = 8;

    private static final int LINE_BITS_OF_A_BYTE = 10;

    /** The cost of bringing a radio from one image to another: all is read, then what differs is written and read back. */
    public static WriteEstimate of(RadioDefinition radio, MemoryImage from, MemoryImage to) {
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
}
