package reckonrod.core.layout;

import reckonrod.core.frequency.Shift;

/** Where a slot talks, seen from where it listens. */
enum Direction {
    NONE,
    LOWER,
    HIGHER,
    NEVER;

    static Direction of(Shift shift) {
        return shift.hertz() == 0 ? NONE : shift.hertz() < 0 ? LOWER : HIGHER;
    }

    Shift applied(Shift size) {
        return this == LOWER ? Shift.ofHertz(-size.hertz()) : this == HIGHER ? size : Shift.NONE;
    }
}
