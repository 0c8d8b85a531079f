package reckonrod.core.layout;

/**
 * A run of bits in a record.
 *
 * <p>The bytes that it touches make one number in their order, and the run is the bits of that number from {@code lowBit} on,
 * where 0 is the least significant.
 *
 * @param byteOffset the first byte, counted from the start of the record
 * @param lowBit the lowest bit, 0 to 7
 * @param bits how many bits, 1 to 256; a number has at most 56
 * @param order which byte is the most significant
 */
public record BitPlace(int byteOffset, int lowBit, int bits, Order order) {
    /** The order of the bytes of a number. */
    public enum Order {
        /** The first byte is the most significant. */
        BIG,
        /** The last byte is the most significant. */
        LITTLE
    }

    /** The most bits of a number. */
    public static final int MOST_NUMBER_BITS = 56;

    public BitPlace {
        if (byteOffset < 0 || lowBit < 0 || lowBit > 7 || bits < 1 || bits > 256) {
            throw new IllegalArgumentException("A place must be 1 to 256 bits from bit 0 to 7 of a byte, was " + bits
                    + " bits from bit " + lowBit + " of byte " + byteOffset);
        }
        if (bits > MOST_NUMBER_BITS && (lowBit != 0 || bits % 8 != 0)) {
            throw new IllegalArgumentException(
                    "A place of more than " + MOST_NUMBER_BITS + " bits must be whole bytes, was " + bits + " bits");
        }
    }

    /** How many bytes it touches. */
    public int bytes() {
        return (lowBit + bits + 7) / 8;
    }

    /**
     * The bits of one of its bytes that belong to it, as a mask.
     *
     * @param index the byte, 0 being the first that it touches
     */
    public int mask(int index) {
        int significance = order == Order.LITTLE ? index : bytes() - 1 - index;
        int mask = 0;
        for (int bit = 0; bit < 8; bit++) {
            int ofRun = significance * 8 + bit - lowBit;
            if (ofRun >= 0 && ofRun < bits) {
                mask |= 1 << bit;
            }
        }
        return mask;
    }
}
