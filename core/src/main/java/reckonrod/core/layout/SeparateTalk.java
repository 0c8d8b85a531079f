package reckonrod.core.layout;

import java.util.Map;
import java.util.TreeMap;
import reckonrod.core.frequency.Frequency;

/**
 * A second array, of talk frequencies for the slots that have one of their own. A record names the slot that it belongs to.
 *
 * @param base its first byte
 * @param stride the bytes from one record to the next
 * @param count how many records
 * @param owner where a record names its slot, by the number that the radio calls it
 * @param free the number that names no slot
 * @param talk where the talk frequency stands
 * @param units how it is written
 */
record SeparateTalk(int base, int stride, int count, BitPlace owner, long free, BitPlace talk, FrequencyUnits units) {
    /** The record of each slot that has one; where two name the same slot, the first counts. */
    Map<Integer, Integer> recordsBySlot(byte[] memory) {
        Map<Integer, Integer> records = new TreeMap<>();
        for (int i = 0; i < count; i++) {
            long slot = owner(memory, i).number();
            if (slot != free && slot <= Integer.MAX_VALUE) {
                records.putIfAbsent((int) slot, i);
            }
        }
        return records;
    }

    boolean isFree(byte[] memory, int index) {
        return owner(memory, index).number() == free;
    }

    Frequency read(byte[] memory, int index) {
        return units.read(new Bits(memory, base + index * stride, talk));
    }

    void write(byte[] memory, int index, int slot, Frequency frequency) {
        units.write(new Bits(memory, base + index * stride, talk), frequency);
        owner(memory, index).setNumber(slot);
    }

    void release(byte[] memory, int index) {
        owner(memory, index).setNumber(free);
    }

    private Bits owner(byte[] memory, int index) {
        return new Bits(memory, base + index * stride, owner);
    }
}
