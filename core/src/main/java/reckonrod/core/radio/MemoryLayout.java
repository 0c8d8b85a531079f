package reckonrod.core.radio;

import java.util.BitSet;
import java.util.List;

/**
 * Where in a radio's memory the slots lie.
 *
 * @param bytes the size of the memory
 * @param base the first byte of the first slot's record
 * @param stride the bytes from one record to the next
 * @param count how many slots there are
 * @param fields the fields of a record
 * @param presentBase the first byte of the map with a bit for each slot that is in use, lowest bit first
 * @param scanBase the first byte of the map with a bit for each slot that the scan stops at
 */
public record MemoryLayout(
        int bytes, int base, int stride, int count, List<SlotField> fields, int presentBase, int scanBase) {
    private static final List<String> NEEDED =
            List.of("receive", "transmit", "listen tone", "talk tone", "power", "emission", "name");

    public MemoryLayout {
        fields = List.copyOf(fields);
        List<String> held = fields.stream().map(SlotField::holds).sorted().toList();
        if (!held.equals(NEEDED.stream().sorted().toList())) {
            throw new IllegalArgumentException(
                    "fields must hold each of " + String.join(", ", NEEDED) + " once, was " + String.join(", ", held));
        }
        requireNoOverlapInRecord(fields, stride);
        requireNoOverlapInMemory(bytes, base, stride * count, presentBase, scanBase, (count + 7) / 8);
    }

    private static void requireNoOverlapInRecord(List<SlotField> fields, int stride) {
        BitSet taken = new BitSet();
        for (SlotField field : fields) {
            int from = field.place().byteOffset() * 8 + field.place().lowBit();
            int to = from + field.place().bits();
            if (to > stride * 8) {
                throw new IllegalArgumentException(field.holds() + " must end within the record of " + stride
                        + " bytes, was up to byte " + (to - 1) / 8);
            }
            if (taken.get(from, to).cardinality() > 0) {
                throw new IllegalArgumentException(field.holds() + " overlaps another field of the record");
            }
            taken.set(from, to);
        }
    }

    private static void requireNoOverlapInMemory(int bytes, int base, int size, int present, int scan, int mapSize) {
        BitSet taken = new BitSet();
        int[][] regions = {{base, size}, {present, mapSize}, {scan, mapSize}};
        for (int[] region : regions) {
            int end = region[0] + region[1];
            if (end > bytes) {
                throw new IllegalArgumentException(
                        "a region must end within the memory of " + bytes + " bytes, was up to byte " + (end - 1));
            }
            if (taken.get(region[0], end).cardinality() > 0) {
                throw new IllegalArgumentException("the region at byte " + region[0] + " overlaps another");
            }
            taken.set(region[0], end);
        }
    }

    /** The first byte of a slot's record; slots are counted from 0 here, whatever the radio calls them. */
    public int recordStart(int index) {
        return base + stride * index;
    }

    /** For every byte of the memory, the bits of it that some field owns. Bits outside are never changed. */
    public byte[] ownedBits() {
        byte[] owned = new byte[bytes];
        for (int index = 0; index < count; index++) {
            for (SlotField field : fields) {
                int start = recordStart(index) + field.place().byteOffset();
                for (int i = 0; i < field.place().bytes(); i++) {
                    owned[start + i] |= (byte) field.place().mask();
                }
            }
            for (int map : List.of(presentBase, scanBase)) {
                owned[map + index / 8] |= (byte) (1 << index % 8);
            }
        }
        return owned;
    }
}
