package reckonrod.core.layout;

/**
 * How bits mean a value. Each encoding checks its own range; a new one is one new class and a word in
 * {@link EncodingReader}.
 *
 * @param <T> the values
 */
interface Encoding<T> {
    /**
     * The value that the bits mean.
     *
     * @throws MeaninglessException if they mean none
     */
    T read(Bits bits);

    /**
     * Writes a value.
     *
     * @throws IllegalArgumentException if the bits cannot hold it; nothing is written then
     */
    void write(Bits bits, T value);
}
