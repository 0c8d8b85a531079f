package reckonrod.sim.face;

import reckonrod.core.definition.RadioDefinition;
import reckonrod.sim.cable.Trouble;

/**
 * How a simulated radio stands, beside its memory.
 *
 * @param trouble what the next cable will have
 * @param on whether it is switched on
 * @param slot the slot it is turned to
 * @param talkKeyDown whether its talk key is held
 */
public record RadioState(Trouble trouble, boolean on, int slot, boolean talkKeyDown) {
    /** Keeps it. There is one of it, in whichever program the radio is shown. */
    public interface Keeper {
        /** How the radio stands now. */
        RadioState get();

        /** From now on it stands so. */
        void set(RadioState next);

        /** One that lasts as long as the program. */
        static Keeper of(RadioState first) {
            return new Keeper() {
                private volatile RadioState now = first;

                @Override
                public RadioState get() {
                    return now;
                }

                @Override
                public void set(RadioState next) {
                    now = next;
                }
            };
        }
    }

    /** Off, with a good cable. */
    public static RadioState off(RadioDefinition definition) {
        return new RadioState(
                new Trouble.None(), false, definition.limits().slots().first(), false);
    }

    /** The same with another trouble for the next cable. */
    public RadioState with(Trouble next) {
        return new RadioState(next, on, slot, talkKeyDown);
    }

    RadioState switched() {
        return new RadioState(trouble, !on, slot, false);
    }

    RadioState turnedTo(int next) {
        return on ? new RadioState(trouble, true, next, false) : this;
    }

    RadioState withTalkKey(boolean down) {
        return new RadioState(trouble, on, slot, down && on);
    }
}
