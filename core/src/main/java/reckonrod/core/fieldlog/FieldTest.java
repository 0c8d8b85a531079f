package reckonrod.core.fieldlog;

import java.time.Duration;
import java.time.Instant;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import reckonrod.core.geography.Position;

/**
 * One channel tried on the air.
 *
 * @param id the same wherever the test is kept
 * @param at when
 * @param place what the place is called; may be empty
 * @param position where it is, if that is known
 * @param radio what the radio is called; may be empty
 * @param channel what the channel was called
 * @param line what it was, in the notation
 * @param seen what was seen and heard
 * @param strength how strong it was, 1 to 5; 0 if nobody says
 * @param note whatever else there is to say, up to 2000 characters
 */
public record FieldTest(
        UUID id,
        Instant at,
        String place,
        Optional<Position> position,
        String radio,
        String channel,
        String line,
        Set<Seen> seen,
        int strength,
        String note) {
    /** The strength that is as good as a wire. */
    public static final int MOST_STRENGTH = 5;

    private static final int MOST_WORDS = 120;
    private static final int MOST_LINE = 300;
    private static final int MOST_NOTE = 2_000;

    public FieldTest {
        place = fitting("Place", place, MOST_WORDS);
        radio = fitting("Radio", radio, MOST_WORDS);
        channel = fitting("Channel", channel, MOST_WORDS);
        line = fitting("Line", line, MOST_LINE);
        note = fitting("Note", note, MOST_NOTE);
        seen = seen.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(seen));
        if (strength < 0 || strength > MOST_STRENGTH) {
            throw new IllegalArgumentException("Strength must be 1 to 5, or 0 for none, was " + strength);
        }
    }

    private static String fitting(String what, String text, int most) {
        String stripped = text.strip();
        if (stripped.length() > most) {
            throw new IllegalArgumentException(
                    what + " must be at most " + most + " characters, was " + stripped.length());
        }
        return stripped;
    }

    /** Whether it is dated after today wherever on earth it was made, as a wrong clock dates it. */
    public boolean isAheadOf(Instant now) {
        return at.isAfter(now.plus(Duration.ofDays(1)));
    }

    /** What it shows. */
    public Result result() {
        return Result.of(seen);
    }
}
