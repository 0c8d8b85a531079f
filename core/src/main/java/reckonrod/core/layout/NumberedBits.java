package reckonrod.core.layout;

import java.util.Set;
import java.util.TreeSet;

/** A set of numbers, a bit for each: the lowest is number 1. */
record NumberedBits() implements Encoding<Set<Integer>> {
    @Override
    public Set<Integer> read(Bits bits) {
        Set<Integer> numbers = new TreeSet<>();
        for (int i = 0; i < bits.place().bits(); i++) {
            if ((bits.number() >>> i & 1) == 1) {
                numbers.add(i + 1);
            }
        }
        return numbers;
    }

    @Override
    public void write(Bits bits, Set<Integer> value) {
        long raw = 0;
        for (int number : value) {
            if (number < 1 || number > bits.place().bits()) {
                throw new IllegalArgumentException(
                        "Number must be 1 to " + bits.place().bits() + ", was " + number);
            }
            raw |= 1L << number - 1;
        }
        bits.setNumber(raw);
    }
}
