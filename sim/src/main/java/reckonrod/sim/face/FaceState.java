package reckonrod.sim.face;

import java.util.function.UnaryOperator;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.list.SlotRange;

/**
 * How the display and the keys of a radio stand.
 *
 * @param on whether it is switched on
 * @param slot the slot that its first line is turned to
 * @param otherSlot the slot that its second line is turned to, if it has one
 * @param secondLine whether the keys are for the second line
 * @param bank the bank that is walked through, from 1; 0 for all slots
 * @param shown which part is shown where a row shows one of several, counted from 0
 * @param am whether what no slot says is listened to in AM
 * @param held what is going on
 */
public record FaceState(
        boolean on, int slot, int otherSlot, boolean secondLine, int bank, int shown, boolean am, Held held) {
    /** What is held or runs; one of them at a time. */
    public enum Held {
        /** Nothing: it listens. */
        NOTHING,
        /** The talk key is down. */
        TALK,
        /** The key for the input is down. */
        INPUT,
        /** It scans. */
        SCAN
    }

    /** Off, and turned to the first slot. */
    public static FaceState off(RadioDefinition definition) {
        int first = definition.limits().slots().first();
        return new FaceState(false, first, first, false, 0, 0, false, Held.NOTHING);
    }

    /** Just switched on, and turned to that slot. */
    public static FaceState on(RadioDefinition definition, int slot) {
        return off(definition).switched().turnedTo(slot).within(definition);
    }

    /** The same for a radio of that model: a slot and a bank that it has not are left for the first and for all. */
    FaceState within(RadioDefinition definition) {
        SlotRange slots = definition.limits().slots();
        boolean second = secondLine && definition.face().lines() == 2;
        boolean banked = bank >= 0 && bank <= definition.limits().banks();
        return new FaceState(
                on,
                slots.contains(slot) ? slot : slots.first(),
                slots.contains(otherSlot) ? otherSlot : slots.first(),
                second,
                banked ? bank : 0,
                Math.max(0, shown),
                am,
                held == null ? Held.NOTHING : held);
    }

    /** The slot of the line that the keys are for. */
    public int turned() {
        return secondLine ? otherSlot : slot;
    }

    FaceState switched() {
        return new FaceState(!on, slot, otherSlot, secondLine, bank, shown, am, Held.NOTHING);
    }

    /** The same after a key; a radio that is off knows only its power key. */
    FaceState after(UnaryOperator<FaceState> key) {
        return on ? key.apply(this) : this;
    }

    FaceState turnedTo(int next) {
        return new FaceState(
                on, secondLine ? slot : next, secondLine ? next : otherSlot, secondLine, bank, shown, am, Held.NOTHING);
    }

    FaceState walking(int next) {
        return new FaceState(on, slot, otherSlot, secondLine, next, shown, am, Held.NOTHING);
    }

    FaceState onOtherLine() {
        return new FaceState(on, slot, otherSlot, !secondLine, bank, shown, am, Held.NOTHING);
    }

    FaceState showing(int next) {
        return new FaceState(on, slot, otherSlot, secondLine, bank, next, am, held);
    }

    FaceState withAm(boolean next) {
        return new FaceState(on, slot, otherSlot, secondLine, bank, shown, next, Held.NOTHING);
    }

    FaceState holding(Held next) {
        return new FaceState(on, slot, otherSlot, secondLine, bank, shown, am, next);
    }
}
