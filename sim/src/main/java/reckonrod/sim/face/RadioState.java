package reckonrod.sim.face;

import reckonrod.core.definition.RadioDefinition;
import reckonrod.sim.cable.Trouble;
import reckonrod.sim.device.clone.CloneKey;

/**
 * How a simulated radio stands, beside its memory.
 *
 * @param trouble what the next cable will have
 * @param face its display and keys
 * @param started what the person has started on it, where it is loaded by streamed clone
 */
public record RadioState(Trouble trouble, FaceState face, CloneKey started) {
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
        return new RadioState(new Trouble.None(), face, CloneKey.NOTHING);
    }

    /** The same with another trouble for the next cable. */
    public RadioState with(Trouble next) {
        return new RadioState(next, face, started);
    }

    RadioState with(FaceState next) {
        return new RadioState(trouble, next, started);
    }

    /** The same with something else started. */
    public RadioState with(CloneKey next) {
        return new RadioState(trouble, face, next);
    }
}
