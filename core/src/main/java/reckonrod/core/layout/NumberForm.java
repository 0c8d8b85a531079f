package reckonrod.core.layout;

/** How a whole number is written in bits. */
public enum NumberForm {
    /** One decimal digit to four bits. */
    BCD {
        @Override
        long most(int bits) {
            long most = 1;
            for (int digit = 0; digit < bits / 4; digit++) {
                most *= 10;
            }
            return most - 1;
        }

        @Override
        long toNumber(long raw, int bits) {
            long number = 0;
            for (int shift = bits - 4; shift >= 0; shift -= 4) {
                long digit = raw >>> shift & 0xF;
                if (digit > 9) {
                    throw new MeaninglessException("0x" + Long.toHexString(raw));
                }
                number = number * 10 + digit;
            }
            return number;
        }

        @Override
        long raw(long number, int bits) {
            long raw = 0;
            long rest = number;
            for (int shift = 0; shift < bits; shift += 4) {
                raw |= rest % 10 << shift;
                rest /= 10;
            }
            return raw;
        }
    },
    /** Plain binary, unsigned. */
    BINARY {
        @Override
        long most(int bits) {
            return (1L << bits) - 1;
        }

        @Override
        long toNumber(long raw, int bits) {
            return raw;
        }

        @Override
        long raw(long number, int bits) {
            return number;
        }
    };

    /** The largest number that so many bits can hold. */
    abstract long most(int bits);

    /** The number that raw bits mean. */
    abstract long toNumber(long raw, int bits);

    abstract long raw(long number, int bits);

    /**
     * The raw bits of a number.
     *
     * @throws IllegalArgumentException if they cannot hold it
     */
    final long toRaw(long number, int bits) {
        if (number < 0 || number > most(bits)) {
            throw new IllegalArgumentException("Number must be 0 to " + most(bits) + ", was " + number);
        }
        return raw(number, bits);
    }
}
