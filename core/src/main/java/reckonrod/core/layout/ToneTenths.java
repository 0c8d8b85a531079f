package reckonrod.core.layout;

import java.util.List;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;

/**
 * A CTCSS tone in tenths of a hertz, or a DCS code as a binary number with two flags above it: the highest bit says that it is
 * a code, the next one that it is inverted. Nothing but zeros is no tone.
 *
 * @param tones the tones that the radio has; others mean nothing
 */
record ToneTenths(List<Tone> tones) implements Encoding<Tone> {
    ToneTenths {
        tones = List.copyOf(tones);
    }

    @Override
    public Tone read(Bits bits) {
        long raw = bits.number();
        return tones.stream()
                .filter(tone -> raw(tone, bits.place().bits()) == raw)
                .findFirst()
                .orElseThrow(() -> new MeaninglessException("tone 0x" + Long.toHexString(raw)));
    }

    @Override
    public void write(Bits bits, Tone value) {
        if (!tones.contains(value)) {
            throw new IllegalArgumentException("It must be one of the radio's, was " + value);
        }
        long raw = raw(value, bits.place().bits());
        NumberForm.BINARY.toRaw(raw, bits.place().bits());
        bits.setNumber(raw);
    }

    private static long raw(Tone tone, int width) {
        if (tone instanceof CtcssTone ctcss) {
            // The two flags are no part of the number.
            return NumberForm.BINARY.toRaw(ctcss.tenthsHertz(), width - 2);
        }
        if (tone instanceof DcsCode code) {
            long inverted = code.polarity() == DcsCode.Polarity.INVERTED ? 1L << width - 2 : 0;
            return 1L << width - 1 | inverted | NumberForm.BINARY.toRaw(code.code(), width - 2);
        }
        if (tone instanceof NoTone) {
            return 0;
        }
        throw new IllegalArgumentException("It must be a tone, a code or none, was " + tone);
    }
}
