package reckonrod.core.image;

import reckonrod.core.radio.BitPlace;
import reckonrod.core.radio.NumberForm;

/** Reads and writes the bits of a place in a record. */
final class Bits {
    private Bits() {}

    static long readRaw(byte[] memory, int recordStart, BitPlace place) {
        int at = recordStart + place.byteOffset();
        if (place.bits() < 8) {
            return (long) (memory[at] & place.mask()) >>> place.lowBit();
        }
        long raw = 0;
        for (int i = 0; i < place.bytes(); i++) {
            raw = raw << 8 | memory[at + i] & 0xFF;
        }
        return raw;
    }

    static void writeRaw(byte[] memory, int recordStart, BitPlace place, long raw) {
        int at = recordStart + place.byteOffset();
        if (place.bits() < 8) {
            memory[at] = (byte) (memory[at] & ~place.mask() | (int) raw << place.lowBit());
            return;
        }
        long rest = raw;
        for (int i = place.bytes() - 1; i >= 0; i--) {
            memory[at + i] = (byte) rest;
            rest >>>= 8;
        }
    }

    /** The raw bits of a number. */
    static long toRaw(long number, NumberForm form, int bits) {
        if (number < 0 || number > form.most(bits)) {
            throw new IllegalArgumentException("Number must be 0 to " + form.most(bits) + ", was " + number);
        }
        if (form == NumberForm.BINARY) {
            return number;
        }
        long raw = 0;
        long rest = number;
        for (int shift = 0; shift < bits; shift += 4) {
            raw |= rest % 10 << shift;
            rest /= 10;
        }
        return raw;
    }

    /** The number that raw bits mean, or −1 when a BCD digit is none. */
    static long toNumber(long raw, NumberForm form, int bits) {
        if (form == NumberForm.BINARY) {
            return raw;
        }
        long number = 0;
        for (int shift = bits - 4; shift >= 0; shift -= 4) {
            long digit = raw >>> shift & 0xF;
            if (digit > 9) {
                return -1;
            }
            number = number * 10 + digit;
        }
        return number;
    }
}
