package reckonrod.core.layout;

import java.util.List;

/**
 * One field of a slot's record. Holds no data.
 *
 * @param part what it holds
 * @param place where it lies in the record
 * @param encoding how its bits mean a value
 * @param <T> the values
 */
record Field<T>(Part<T> part, BitPlace place, Encoding<T> encoding) {
    void read(byte[] memory, int start, SlotDraft draft) {
        part.set().accept(draft, encoding.read(new Bits(memory, start, place)));
    }

    void write(byte[] memory, int start, SlotDraft draft) {
        try {
            encoding.write(new Bits(memory, start, place), part.get().apply(draft));
        } catch (IllegalArgumentException wrong) {
            throw new IllegalArgumentException(part + ": " + wrong.getMessage());
        }
    }

    /**
     * The field, if it can hold these values.
     *
     * @throws IllegalArgumentException if it cannot, or gives one back as another
     */
    Field<T> holding(List<T> values) {
        for (T value : values) {
            Bits scratch = new Bits(new byte[place.byteOffset() + place.bytes()], 0, place);
            try {
                encoding.write(scratch, value);
            } catch (IllegalArgumentException wrong) {
                throw new IllegalArgumentException(
                        part + " must be able to hold " + shown(value) + ". " + wrong.getMessage());
            }
            if (!encoding.read(scratch).equals(value)) {
                throw new IllegalArgumentException(part + " gives " + shown(value) + " back as another value");
            }
        }
        return this;
    }

    private static Object shown(Object value) {
        return value instanceof java.util.Optional<?> optional && optional.isPresent() ? optional.get() : value;
    }
}
