package reckonrod.core.layout;

/**
 * The sum of some bytes, kept beside them.
 *
 * @param from the first byte that is summed
 * @param to the last one
 * @param place where the sum stands in the memory, of which as many bits are kept as there is room for
 */
record Checksum(int from, int to, BitPlace place) {
    Checksum {
        if (to < from || place.byteOffset() <= to && place.byteOffset() + place.bytes() > from) {
            throw new IllegalArgumentException("a checksum must cover bytes that it does not stand in, was " + from
                    + " to " + to + " at byte " + place.byteOffset());
        }
    }

    boolean isRight(byte[] memory) {
        Bits kept = new Bits(memory, 0, place);
        return kept.number() == (sum(memory) & (1L << place.bits()) - 1);
    }

    void set(byte[] memory) {
        new Bits(memory, 0, place).setNumber(sum(memory));
    }

    private long sum(byte[] memory) {
        long sum = 0;
        for (int i = from; i <= to; i++) {
            sum += memory[i] & 0xFF;
        }
        return sum;
    }
}
