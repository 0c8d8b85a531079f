package reckonrod.core.radio;

import reckonrod.core.frequency.Shift;

/** What talk frequencies a radio can keep beside a receive frequency. */
public sealed interface ShiftLimit {
    /** Any frequency that it can talk on. */
    record AnyPair() implements ShiftLimit {}

    /**
     * A multiple of a step, up or down, and for some slots a talk frequency of its own.
     *
     * @param stepHertz the step, in hertz
     * @param mostHertz the widest shift, in hertz
     * @param separate how many slots may have a talk frequency of its own instead; 0 for none
     * @param withinBand whether it must talk in the stretch that it listens in
     */
    record Steps(int stepHertz, long mostHertz, int separate, boolean withinBand) implements ShiftLimit {
        /** Whether the shift is one of its multiples. */
        public boolean has(Shift shift) {
            return shift.sizeHertz() % stepHertz == 0 && shift.sizeHertz() <= mostHertz;
        }
    }

    /**
     * Up, down or none; the size is set once for each stretch that it talks in, for all slots.
     *
     * @param stepHertz the step of that size, in hertz
     * @param mostHertz the widest, in hertz
     */
    record OncePerBand(int stepHertz, long mostHertz) implements ShiftLimit {
        /** Whether the size can be set. */
        public boolean has(Shift shift) {
            return shift.sizeHertz() % stepHertz == 0 && shift.sizeHertz() <= mostHertz;
        }
    }
}
