package reckonrod.core.layout;

import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;

/**
 * A shift as a number of units, with its sign in two's complement or without one.
 *
 * @param form how the number is written; plain binary when it has a sign
 * @param unitHertz the unit, in hertz
 * @param signed whether it has a sign
 */
record ShiftUnits(NumberForm form, int unitHertz, boolean signed) implements Encoding<Shift> {
    ShiftUnits {
        if (signed && form != NumberForm.BINARY) {
            throw new IllegalArgumentException("a number with a sign must be binary, was bcd");
        }
    }

    @Override
    public Shift read(Bits bits) {
        int width = bits.place().bits();
        long units = form.toNumber(bits.number(), width);
        if (signed && units >>> width - 1 == 1) {
            units -= 1L << width;
        }
        if (Math.abs(units) > Frequency.MOST_HERTZ / unitHertz) {
            throw new MeaninglessException("shift 0x" + Long.toHexString(bits.number()));
        }
        return Shift.ofHertz(units * unitHertz);
    }

    @Override
    public void write(Bits bits, Shift value) {
        int width = bits.place().bits();
        long units = FrequencyUnits.units(value.hertz(), unitHertz);
        if (!signed) {
            bits.setNumber(form.toRaw(units, width));
            return;
        }
        long half = 1L << width - 1;
        if (units < -half || units >= half) {
            throw new IllegalArgumentException("Number must be " + -half + " to " + (half - 1) + ", was " + units);
        }
        bits.setNumber(units);
    }
}
