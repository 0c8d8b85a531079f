package reckonrod.core.layout;

import java.util.Set;

/**
 * At most one of several, as its number; 0 is none.
 *
 * @param most the highest number
 */
record NumberedOne(int most) implements Encoding<Set<Integer>> {
    @Override
    public Set<Integer> read(Bits bits) {
        long number = bits.number();
        if (number > most) {
            throw new MeaninglessException("number " + number + " of " + most);
        }
        return number == 0 ? Set.of() : Set.of((int) number);
    }

    @Override
    public void write(Bits bits, Set<Integer> value) {
        if (value.size() > 1 || value.stream().anyMatch(each -> each < 1 || each > most)) {
            throw new IllegalArgumentException("There must be one at most, of 1 to " + most + ", was " + value);
        }
        bits.setNumber(NumberForm.BINARY.toRaw(
                value.isEmpty() ? 0 : value.iterator().next(), bits.place().bits()));
    }
}
