package reckonrod.core.layout;

import java.util.Optional;

/**
 * A value that another field switches on. While it is off the bits hold whatever was chosen last: they need mean nothing, and
 * are left as they are.
 *
 * @param encoding of the value
 */
record Leftover<T>(Encoding<T> encoding) implements Encoding<Optional<T>> {
    @Override
    public Optional<T> read(Bits bits) {
        try {
            return Optional.of(encoding.read(bits));
        } catch (MeaninglessException neverChosen) {
            return Optional.empty();
        }
    }

    @Override
    public void write(Bits bits, Optional<T> value) {
        value.ifPresent(each -> encoding.write(bits, each));
    }
}
