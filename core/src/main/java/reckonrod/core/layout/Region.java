package reckonrod.core.layout;

import java.util.BitSet;
import java.util.List;

/**
 * A stretch of the memory that something lies in.
 *
 * @param words what lies there
 * @param base its first byte
 * @param bytes how many bytes
 */
record Region(String words, int base, int bytes) {
    /**
     * Makes sure that regions lie in the memory and apart.
     *
     * @throws IllegalArgumentException if one does not
     */
    static void requireApart(List<Region> regions, int memoryBytes) {
        BitSet taken = new BitSet();
        for (Region region : regions) {
            int end = region.base + region.bytes;
            if (end > memoryBytes) {
                throw new IllegalArgumentException(region.words + " must end within the memory of " + memoryBytes
                        + " bytes, was up to byte " + (end - 1));
            }
            if (!taken.get(region.base, end).isEmpty()) {
                throw new IllegalArgumentException(
                        region.words + " at byte " + region.base + " overlaps another region");
            }
            taken.set(region.base, end);
        }
    }
}
