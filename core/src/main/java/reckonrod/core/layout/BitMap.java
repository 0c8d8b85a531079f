package reckonrod.core.layout;

/**
 * A bit for each slot, lowest bit of the first byte first.
 *
 * @param base the first byte in the memory
 * @param count how many slots
 */
record BitMap(int base, int count) {
    boolean get(byte[] memory, int index) {
        return (memory[base + index / 8] & 1 << index % 8) != 0;
    }

    void set(byte[] memory, int index, boolean on) {
        int at = base + index / 8;
        int bit = 1 << index % 8;
        memory[at] = (byte) (on ? memory[at] | bit : memory[at] & ~bit);
    }

    int bytes() {
        return (count + 7) / 8;
    }
}
