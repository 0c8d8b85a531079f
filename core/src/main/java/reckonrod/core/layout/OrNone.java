package reckonrod.core.layout;

import java.util.Optional;

/**
 * A value, or certain bits that say that there is none.
 *
 * @param encoding of a value that is there
 * @param none the bits that say so
 */
record OrNone<T>(Encoding<T> encoding, long none) implements Encoding<Optional<T>> {
    @Override
    public Optional<T> read(Bits bits) {
        return bits.number() == none ? Optional.empty() : Optional.of(encoding.read(bits));
    }

    @Override
    public void write(Bits bits, Optional<T> value) {
        value.ifPresentOrElse(each -> encoding.write(bits, each), () -> bits.setNumber(none));
    }
}
