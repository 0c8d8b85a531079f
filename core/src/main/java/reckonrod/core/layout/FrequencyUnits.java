package reckonrod.core.layout;

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
        long units = form.toNumber(bits.number(), bits.place().bits());
        if (units < 1 || units > Frequency.MOST_HERTZ / unitHertz) {
            throw new MeaninglessException("frequency 0x" + Long.toHexString(bits.number()));
        }
        return Frequency.ofHertz(units * unitHertz);
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
