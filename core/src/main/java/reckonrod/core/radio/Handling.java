package reckonrod.core.radio;

import java.util.List;
import java.util.stream.Stream;

/**
 * What somebody needs to know who is handed a radio and never saw one like it, in sentences.
 *
 * @param on how it is switched on and made louder
 * @param slot how another slot is called up
 * @param talk how one talks and listens
 * @param lock how its keys are locked and freed
 * @param scan how the scan is begun and ended; empty if it has none
 * @param alone what is better left alone, and why; may be empty
 */
public record Handling(String on, String slot, String talk, String lock, String scan, List<String> alone) {
    private static final int MOST_CHARACTERS = 200;

    public Handling {
        alone = List.copyOf(alone);
        Stream.concat(Stream.of(on, slot, talk, lock, scan), alone.stream())
                .filter(each -> each.length() > MOST_CHARACTERS)
                .findFirst()
                .ifPresent(each -> {
                    throw new IllegalArgumentException("handling must be short enough for a card, at most "
                            + MOST_CHARACTERS + " characters a sentence, was " + each.length() + ": " + each);
                });
    }
}
