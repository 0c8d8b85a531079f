package reckonrod.core.prove;

import java.util.Optional;

/**
 * Why a call may not be answered.
 *
 * @param id its stable name
 * @param words what is wrong, in a few words
 * @param means how that keeps the repeater silent
 * @param remedy what to do about it
 * @param mend what of the channel is to be mended; absent where the channel is not at fault
 * @param takesNext whether another repeater is what helps
 * @param byTrial whether the person finds the right value by trying, and tells it
 * @param base how often it is met before anything is known, against the others; above 0
 */
public record Cause(
        String id,
        String words,
        String means,
        String remedy,
        Optional<Mend> mend,
        boolean takesNext,
        boolean byTrial,
        double base) {
    /** The part of a channel that a remedy sets right. */
    public enum Mend {
        TONES,
        PAIR,
        LISTEN_TONE,
        EMISSION,
        POWER;

        static Mend parse(String word) {
            for (Mend each : values()) {
                if (each.name()
                        .toLowerCase(java.util.Locale.ROOT)
                        .replace('_', '-')
                        .equals(word)) {
                    return each;
                }
            }
            throw new IllegalArgumentException(
                    "mend must be tones, pair, listen-tone, emission or power, was \"" + word + "\"");
        }
    }
}
