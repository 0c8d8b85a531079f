package reckonrod.core.bandplan;

import java.util.Optional;
import reckonrod.core.frequency.Frequency;

/**
 * A row of channels that a region calls by letters and a number, such as {@code RV48}: the number counts steps from a base.
 *
 * @param prefix the letters in front of the number, in lower case; may be empty
 * @param first the lowest number
 * @param last the highest number
 * @param every how far one number is from the next, at least 1
 * @param base the frequency of the number 0
 * @param stepHertz what one more in the number adds, in hertz
 * @param use repeater outputs or simplex
 * @param practice the published practice that the row rests on
 */
public record ChannelName(
        String prefix,
        int first,
        int last,
        int every,
        Frequency base,
        long stepHertz,
        SegmentUse use,
        String practice) {
    private static final int MOST_DIGITS = 4;

    /**
     * A channel that was found by its name.
     *
     * @param name the name as it was written
     * @param listen where one listens
     * @param talk where one talks, if the name says that too
     * @param repeater whether it is a repeater's output
     * @param practice the published practice that the name rests on
     */
    public record Named(String name, Frequency listen, Optional<Frequency> talk, boolean repeater, String practice) {}

    public ChannelName {
        if (first > last || every < 1 || first < 0) {
            throw new IllegalArgumentException(
                    "channel names must rise, was " + first + " to " + last + " every " + every);
        }
    }

    /** The channel of a name in lower case, if it is one of this row. */
    Optional<Named> named(String name) {
        int digits = name.length() - prefix.length();
        if (digits < 1 || digits > MOST_DIGITS || !name.startsWith(prefix)) {
            return Optional.empty();
        }
        int number = 0;
        for (int i = prefix.length(); i < name.length(); i++) {
            char digit = name.charAt(i);
            if (digit < '0' || digit > '9') {
                return Optional.empty();
            }
            number = number * 10 + (digit - '0');
        }
        return number < first || number > last || (number - first) % every != 0
                ? Optional.empty()
                : Optional.of(new Named(
                        name, frequency(number), Optional.empty(), use == SegmentUse.REPEATER_OUTPUT, practice));
    }

    /** The frequency of a number. */
    Frequency frequency(int number) {
        return Frequency.ofHertz(base.hertz() + number * stepHertz);
    }
}
