package reckonrod.core.tone;

/**
 * Words of the Golay (23,12) code as DCS sends them.
 *
 * <p>The low 12 bits are data: the 9 bits of the code with {@code 100} before them. The high 11 bits are the parity, the
 * remainder by the generator x¹¹+x⁹+x⁷+x⁶+x⁵+x+1. Code 023 gives {@code 0x763813}.
 */
final class GolayWord {
    static final int BITS = 23;
    private static final int MASK = (1 << BITS) - 1;
    private static final int DATA_BITS = 12;
    private static final int PARITY_BITS = 11;
    private static final int FIXED = 0b100 << 9;
    private static final int GENERATOR = 0b1010_1110_0011;

    private GolayWord() {}

    static int ofCode(int code) {
        int data = FIXED | code;
        return parity(data) << DATA_BITS | data;
    }

    // The word goes out lowest bit first, so the lowest bit is the highest power of x: both ends are mirrored.
    private static int parity(int data) {
        int remainder = Integer.reverse(data) >>> (Integer.SIZE - DATA_BITS) << PARITY_BITS;
        for (int power = BITS - 1; power >= PARITY_BITS; power--) {
            if ((remainder & 1 << power) != 0) {
                remainder ^= GENERATOR << (power - PARITY_BITS);
            }
        }
        return Integer.reverse(remainder) >>> (Integer.SIZE - PARITY_BITS);
    }

    static int inverted(int word) {
        return ~word & MASK;
    }

    /** The least of the 23 rotations of a word: equal for words that a receiver cannot tell apart. */
    static int canonicalRotation(int word) {
        int least = word;
        int rotated = word;
        for (int turn = 1; turn < BITS; turn++) {
            rotated = (rotated << 1 | rotated >>> (BITS - 1)) & MASK;
            least = Math.min(least, rotated);
        }
        return least;
    }
}
