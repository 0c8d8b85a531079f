package reckonrod.sim.face;

import reckonrod.core.definition.RadioDefinition;
import reckonrod.sim.cable.Trouble;

/**
 * How a simulated radio stands, beside its memory.
 *
 * @param trouble what the next cable will have
 * @param face its display and keys
 */
public record RadioState(Trouble trouble, FaceState face) {
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
        return of(FaceState.off(definition));
    }

    /** With a good cable. */
    public static RadioState of(FaceState face) {
        return new RadioState(new Trouble.None(), face);
    }

    /** The same with another trouble for the next cable. */
    public RadioState with(Trouble next) {
        return new RadioState(next, face);
    }

    RadioState with(FaceState next) {
        return new RadioState(trouble, next);
    }
}
