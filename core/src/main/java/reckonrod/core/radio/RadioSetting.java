package reckonrod.core.radio;

import java.util.List;
import java.util.Optional;

/**
 * A setting of the whole radio that matters to the job: wrong, it makes right channels fail.
 *
 * @param name what it sets, in words
 * @param values what it can be set to, in the words of the radio, in the order of their numbers
 * @param advised the value that is advised, one of them
 * @param why what goes wrong with another, in a sentence
 * @param fails the values with which channels fail; empty where another value is only less convenient
 * @param panel how it is reached on the radio itself, in its words; absent where only a cable reaches it
 */
public record RadioSetting(
        String name, List<String> values, String advised, String why, List<String> fails, Optional<String> panel) {
    public RadioSetting {
        values = List.copyOf(values);
        fails = List.copyOf(fails);
        if (!values.contains(advised)) {
            throw new IllegalArgumentException("advised must be one of " + values + ", was \"" + advised + "\"");
        }
        if (!values.containsAll(fails) || fails.contains(advised)) {
            throw new IllegalArgumentException(
                    "fails must be some of " + values + " and not the advised one, was " + fails);
        }
    }

    /** The same, reached by these keys. */
    public RadioSetting reachedBy(String keys) {
        return new RadioSetting(name, values, advised, why, fails, Optional.of(keys));
    }
}
