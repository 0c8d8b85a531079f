package reckonrod.core.radio;

/**
 * A run of bits in a record.
 *
 * <p>Bytes are counted from the start of the record. A run of whole bytes is big-endian; a run inside one byte starts at
 * {@code lowBit}, where 0 is the least significant.
 *
 * @param byteOffset the first byte
 * @param lowBit the lowest bit in that byte, 0 to 7; 0 for whole bytes
 * @param bits how many bits, 1 to 256
 */
public record BitPlace(int byteOffset, int lowBit, int bits) {
    public BitPlace {
        boolean wholeBytes = bits % 8 == 0 && lowBit == 0;
        if (!wholeBytes && lowBit + bits > 8) {
            throw new IllegalArgumentException("A field must be whole bytes or lie inside one byte, was " + bits
                    + " bits from bit " + lowBit + " of byte " + byteOffset);
        }
    }

    /** How many bytes it touches. */
    public int bytes() {
        return (lowBit + bits + 7) / 8;
    }

    /** The bits of a byte of this run, as a mask. */
    public int mask() {
        return bits >= 8 ? 0xFF : ((1 << bits) - 1) << lowBit;
    }
}
