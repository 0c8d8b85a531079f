package reckonrod.core.layout;

/**
 * The bits of a place in one record of a memory, to be read and written. Other bits stay as they are.
 *
 * @param memory the memory, which is written to
 * @param start where the record starts in it
 * @param place the place in the record
 */
@SuppressWarnings("ArrayRecordComponent") // A view, not a value: it is never compared and never kept.
record Bits(byte[] memory, int start, BitPlace place) {
    /** The bits as a number. */
    long number() {
        long raw = 0;
        for (int i = 0; i < place.bytes(); i++) {
            raw = raw << 8 | memory[byMostSignificant(i)] & 0xFF;
        }
        return raw >>> place.lowBit() & ones(place.bits());
    }

    /** Writes a number, of which the lowest bits are taken. */
    void setNumber(long number) {
        long raw = (number & ones(place.bits())) << place.lowBit();
        for (int i = place.bytes() - 1; i >= 0; i--) {
            int at = byMostSignificant(i);
            int mask = place.mask(at - start - place.byteOffset());
            memory[at] = (byte) (memory[at] & ~mask | (int) raw & mask);
            raw >>>= 8;
        }
    }

    /** One of its whole bytes, 0 to 255. */
    int byteAt(int index) {
        return memory[start + place.byteOffset() + index] & 0xFF;
    }

    /** Writes one of its whole bytes. */
    void setByte(int index, int value) {
        memory[start + place.byteOffset() + index] = (byte) value;
    }

    private int byMostSignificant(int i) {
        int index = place.order() == BitPlace.Order.BIG ? i : place.bytes() - 1 - i;
        return start + place.byteOffset() + index;
    }

    private static long ones(int bits) {
        return bits >= Long.SIZE ? -1 : (1L << bits) - 1;
    }
}
