package reckonrod.core.directory;

import java.util.OptionalDouble;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.tone.ReversedTone;
import reckonrod.core.tone.Tone;

/**
 * On what a repeater works.
 *
 * @param output what it talks on, which people listen on
 * @param input where it listens
 * @param talkTone the tone that opens it
 * @param listenTone the tone that it sends
 * @param mode what it passes on
 * @param watts what its transmitter gives, if published; above 0 to 2000
 */
public record Signal(Frequency output, Input input, Tone talkTone, Tone listenTone, Mode mode, OptionalDouble watts) {
    public Signal {
        requireWatts(watts);
        if (talkTone instanceof ReversedTone) {
            throw new IllegalArgumentException("Talk tone must be one that is sent, was " + talkTone);
        }
    }

    /**
     * The power of a transmitter, if it can be one.
     *
     * @throws IllegalArgumentException if it is not 0.01 to 2000 W
     */
    public static OptionalDouble requireWatts(OptionalDouble watts) {
        return Texts.requireBetween("Power", watts, 0.01, 2000, "W");
    }
}
