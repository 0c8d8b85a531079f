package reckonrod.core.channel;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.ReversedTone;
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
 * @param flags what the directory says of it besides, without order
 */
public record Channel(
        String name,
        Frequency receive,
        Talk talk,
        Tone talkTone,
        Tone listenTone,
        Emission emission,
        Power power,
        Set<DirectoryFlag> flags) {
    /** The longest name, in characters. */
    public static final int MOST_NAME_CHARACTERS = 32;

    public Channel {
        name = name.strip();
        requireName(name);
        requireSent(talkTone);
        flags = flags.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(flags));
    }

    /**
     * Makes sure that a channel can be called so.
     *
     * @throws IllegalArgumentException if it is too long or has control characters
     */
    public static void requireName(String name) {
        if (name.length() > MOST_NAME_CHARACTERS) {
            throw new IllegalArgumentException("Name must be at most " + MOST_NAME_CHARACTERS + " characters, was "
                    + name.length() + ": \"" + name + "\"");
        }
        // A loop, for every channel that is made anywhere passes here.
        for (int i = 0; i < name.length(); i++) {
            if (Character.isISOControl(name.charAt(i))) {
                throw new IllegalArgumentException("Name must be without control characters, was \"" + name + "\"");
            }
        }
    }

    /**
     * Makes sure that a channel can send the tone.
     *
     * @throws IllegalArgumentException if it can only be waited for
     */
    public static void requireSent(Tone talkTone) {
        if (talkTone instanceof ReversedTone) {
            throw new IllegalArgumentException("Talk tone must be one that is sent, was " + talkTone);
        }
    }

    /** A plain FM channel at high power, without name, tones or flags. */
    public static Channel of(Frequency receive, Talk talk) {
        return new Channel("", receive, talk, NoTone.NONE, NoTone.NONE, Emission.FM, Power.HIGH, Set.of());
    }

    /** This channel under another name. */
    public Channel withName(String next) {
        return new Channel(next, receive, talk, talkTone, listenTone, emission, power, flags);
    }

    /** This channel with another pair. */
    public Channel withPair(Frequency nextReceive, Talk nextTalk) {
        return new Channel(name, nextReceive, nextTalk, talkTone, listenTone, emission, power, flags);
    }

    /** This channel talking elsewhere. */
    public Channel withTalk(Talk next) {
        return withPair(receive, next);
    }

    /** This channel with other tones. */
    public Channel withTones(Tone nextTalkTone, Tone nextListenTone) {
        return nextTalkTone.equals(talkTone) && nextListenTone.equals(listenTone)
                ? this
                : new Channel(name, receive, talk, nextTalkTone, nextListenTone, emission, power, flags);
    }

    /** This channel with another emission. */
    public Channel withEmission(Emission next) {
        return new Channel(name, receive, talk, talkTone, listenTone, next, power, flags);
    }

    /** This channel at another power. */
    public Channel withPower(Power next) {
        return next == power ? this : new Channel(name, receive, talk, talkTone, listenTone, emission, next, flags);
    }

    /** This channel with other directory flags. */
    public Channel withFlags(Set<DirectoryFlag> next) {
        return new Channel(name, receive, talk, talkTone, listenTone, emission, power, next);
    }

    /** The frequency talked on; absent when the channel never talks. */
    public Optional<Frequency> transmit() {
        return talk.transmit(receive);
    }

    /** The distance from receive to transmit, zero for simplex; absent when the channel never talks. */
    public Optional<Shift> shift() {
        return transmit().map(transmit -> Shift.between(receive, transmit));
    }

    /** What of it can be told on the air; two channels that are equal in that are the same. */
    public OnAir onAir() {
        return new OnAir(receive, transmit(), talkTone, listenTone, emission);
    }

    /** Whether it talks where it listens. */
    public boolean isSimplex() {
        return transmit().filter(receive::equals).isPresent();
    }

    /** Whether it talks somewhere else than it listens. */
    public boolean isDuplex() {
        return transmit().filter(talked -> !talked.equals(receive)).isPresent();
    }

    /** The name, or the receive frequency where there is none. */
    public String label() {
        return name.isEmpty() ? receive.toMegahertzText() : name;
    }
}
