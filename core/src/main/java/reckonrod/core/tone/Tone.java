package reckonrod.core.tone;

import java.util.Optional;

/** What one side of a channel carries: nothing, a CTCSS tone, or a DCS code. */
public sealed interface Tone permits NoTone, CtcssTone, ReversedTone, DcsCode {
    /** Whether this side carries a tone or code. */
    default boolean isPresent() {
        return this != NoTone.NONE;
    }

    /** The text form, {@code CTCSS 71.9} or {@code DCS 023 N}; absent for no tone. */
    default Optional<String> text() {
        return isPresent() ? Optional.of(toString()) : Optional.empty();
    }

    /** Whether nobody who hears it can tell it from the other: it is the other, or a code whose word is the same. */
    default boolean sameOnAir(Tone other) {
        return equals(other)
                || this instanceof DcsCode code && other instanceof DcsCode another && code.soundsLike(another);
    }

    /** Whether a speaker that waits for this opens when that is sent. */
    default boolean opensFor(Tone sent) {
        return this instanceof ReversedTone turned ? !turned.tone().equals(sent) : !isPresent() || sameOnAir(sent);
    }

    /**
     * Reads a tone's own text: {@code none}, {@code CTCSS 71.9}, {@code reversed CTCSS 71.9}, {@code DCS 023 N}.
     *
     * @throws IllegalArgumentException if the text is none of these
     */
    static Tone parse(String text) {
        if (text.equals("none")) {
            return NoTone.NONE;
        }
        if (text.startsWith("CTCSS ")) {
            return CtcssTone.parse(text.substring(6));
        }
        if (text.startsWith(ReversedTone.PREFIX + "CTCSS ")) {
            return new ReversedTone(CtcssTone.parse(text.substring(ReversedTone.PREFIX.length() + 6)));
        }
        if (text.startsWith("DCS ")) {
            return DcsCode.parse(text.substring(4));
        }
        throw new IllegalArgumentException(
                "Tone must be none, CTCSS with hertz, or DCS with a code and N or I, was \"" + text + "\"");
    }
}
