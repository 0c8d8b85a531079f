package reckonrod.core.radio;

import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.Tone;

/**
 * The tones of a radio.
 *
 * @param talk what it can send
 * @param listen what it can wait for
 * @param onePolarity whether one setting of the polarity holds for both sides of a slot
 */
public record ToneLimits(ToneSet talk, ToneSet listen, boolean onePolarity) {
    /** Whether the radio can hold the two in one slot, each of which it has. */
    public boolean together(Tone talkTone, Tone listenTone) {
        return !onePolarity
                || !(talkTone instanceof DcsCode sent)
                || !(listenTone instanceof DcsCode heard)
                || sent.polarity() == heard.polarity();
    }
}
