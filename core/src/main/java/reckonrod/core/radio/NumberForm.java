package reckonrod.core.radio;

/** How a whole number is written in bits. */
public enum NumberForm {
    /** One decimal digit to four bits. */
    BCD,
    /** Plain binary, unsigned. */
    BINARY;

    /** The largest number that so many bits can hold. */
    public long most(int bits) {
        if (this == BINARY) {
            return bits >= Long.SIZE ? Long.MAX_VALUE : (1L << bits) - 1;
        }
        long most = 1;
        for (int digit = 0; digit < bits / 4; digit++) {
            most *= 10;
        }
        return most - 1;
    }
}
