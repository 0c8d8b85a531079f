package reckonrod.core.layout;

import java.util.List;

/**
 * A value as its place in a table.
 *
 * @param values the table, the first of which has the number {@code base}
 * @param base the number of the first
 */
record Choice<T>(List<T> values, int base) implements Encoding<T> {
    Choice {
        values = List.copyOf(values);
    }

    @Override
    public T read(Bits bits) {
        long place = bits.number() - base;
        if (place < 0 || place >= values.size()) {
            throw new MeaninglessException("value number " + bits.number());
        }
        return values.get((int) place);
    }

    @Override
    public void write(Bits bits, T value) {
        int place = values.indexOf(value);
        if (place < 0) {
            throw new IllegalArgumentException("It must be one of the radio's, was " + value);
        }
        bits.setNumber(NumberForm.BINARY.toRaw((long) place + base, bits.place().bits()));
    }
}
