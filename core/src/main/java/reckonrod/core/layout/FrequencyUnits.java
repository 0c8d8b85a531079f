package reckonrod.core.layout;

import java.util.Optional;
import reckonrod.core.frequency.Frequency;

/**
 * A frequency as a number of units.
 *
 * @param form how the number is written
 * @param unitHertz the unit, in hertz
 */
record FrequencyUnits(NumberForm form, int unitHertz) implements Encoding<Frequency> {
    @Override
    public Frequency read(Bits bits) {
        return meaning(bits.number(), bits.place().bits())
                .orElseThrow(() -> new MeaninglessException("frequency 0x" + Long.toHexString(bits.number())));
    }

    /** What raw bits mean, if that is a frequency. */
    Optional<Frequency> meaning(long raw, int bits) {
        try {
            long units = form.toNumber(raw, bits);
            return units < 1 || units > Frequency.MOST_HERTZ / unitHertz
                    ? Optional.empty()
                    : Optional.of(Frequency.ofHertz(units * unitHertz));
        } catch (MeaninglessException noNumber) {
            return Optional.empty();
        }
    }

    @Override
    public void write(Bits bits, Frequency value) {
        bits.setNumber(form.toRaw(units(value.hertz(), unitHertz), bits.place().bits()));
    }

    static long units(long hertz, int unitHertz) {
        if (hertz % unitHertz != 0) {
            throw new IllegalArgumentException("It must be a multiple of " + unitHertz + " Hz, was " + hertz + " Hz");
        }
        return hertz / unitHertz;
    }
}
