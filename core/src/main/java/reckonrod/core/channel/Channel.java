package reckonrod.core.channel;

import java.util.Optional;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.tone.Tone;

/**
 * One channel, as it would be on a radio without limits.
 *
 * @param name what the person calls it, up to 32 characters; may be empty
 * @param receive the frequency listened on
 * @param talk where it talks
 * @param talkTone the tone sent while talking
 * @param listenTone the tone that must be heard before the speaker opens
 * @param emission the modulation
 * @param power the power asked for
 */
public record Channel(
        String name, Frequency receive, Talk talk, Tone talkTone, Tone listenTone, Emission emission, Power power) {
    /** The longest name, in characters. */
    public static final int MOST_NAME_CHARACTERS = 32;

    public Channel {
        name = name.strip();
        if (name.length() > MOST_NAME_CHARACTERS) {
            throw new IllegalArgumentException("Name must be at most " + MOST_NAME_CHARACTERS + " characters, was "
                    + name.length() + ": \"" + name + "\"");
        }
        if (name.chars().anyMatch(Character::isISOControl)) {
            throw new IllegalArgumentException("Name must be without control characters, was \"" + name + "\"");
        }
    }

    /** The frequency talked on; absent when the channel never talks. */
    public Optional<Frequency> transmit() {
        return talk.transmit(receive);
    }

    /** The distance from receive to transmit, zero for simplex; absent when the channel never talks. */
    public Optional<Shift> shift() {
        return transmit().map(transmit -> Shift.between(receive, transmit));
    }

    /** Whether it talks where it listens. */
    public boolean isSimplex() {
        return shift().equals(Optional.of(Shift.NONE));
    }

    /** Whether it talks somewhere else than it listens. */
    public boolean isDuplex() {
        return shift().isPresent() && !isSimplex();
    }

    /** The name, or the receive frequency where there is none. */
    public String label() {
        return name.isEmpty() ? receive.toMegahertzText() : name;
    }
}
