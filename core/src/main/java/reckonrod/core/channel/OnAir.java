package reckonrod.core.channel;

import java.util.Optional;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.tone.Tone;

/**
 * What of a channel can be told on the air, which is the one answer to whether two channels are the same: not what they are
 * called, how strong they are or where they came from.
 *
 * @param receive the frequency listened on
 * @param transmit the frequency talked on; absent when it never talks
 * @param talkTone the tone sent
 * @param listenTone the tone waited for
 * @param emission the modulation
 */
public record OnAir(
        Frequency receive, Optional<Frequency> transmit, Tone talkTone, Tone listenTone, Emission emission) {}
