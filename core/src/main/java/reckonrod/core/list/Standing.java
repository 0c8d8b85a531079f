package reckonrod.core.list;

import java.time.LocalDate;
import java.util.Optional;

/**
 * What a channel is to the person, besides what it is on the air.
 *
 * @param pinned whether it keeps its slot
 * @param scan whether a scan stops at it, as the person said; absent where the rule of the list decides
 * @param rank how much it matters, from 1, the most, to {@link #LOWEST_RANK}; absent where the person has not said
 * @param proven the day on which it was answered last, in 1900 or later; absent if never, or if it has changed on the air since
 */
public record Standing(boolean pinned, Optional<Boolean> scan, Optional<Integer> rank, Optional<LocalDate> proven) {
    /** Nobody proved a channel before that. */
    private static final LocalDate FIRST_DAY = LocalDate.of(1900, 1, 1);

    /** The rank of what matters least. */
    public static final int LOWEST_RANK = 9;

    /** That of a channel as it comes in. */
    public static final Standing NEW = new Standing(false, Optional.empty(), Optional.empty(), Optional.empty());

    public Standing {
        requireDay(proven);
        rank.filter(each -> each < 1 || each > LOWEST_RANK).ifPresent(wrong -> {
            throw new IllegalArgumentException("Rank must be 1 to " + LOWEST_RANK + ", was " + wrong);
        });
    }

    Standing pinned(boolean next) {
        return new Standing(next, scan, rank, proven);
    }

    Standing scanned(Optional<Boolean> next) {
        return new Standing(pinned, next, rank, proven);
    }

    Standing ranked(Optional<Integer> next) {
        return new Standing(pinned, scan, next, proven);
    }

    Standing provenOn(Optional<LocalDate> next) {
        return new Standing(pinned, scan, rank, next);
    }

    static void requireDay(Optional<LocalDate> proven) {
        proven.filter(each -> each.isBefore(FIRST_DAY)).ifPresent(wrong -> {
            throw new IllegalArgumentException("The day of proof must be in 1900 or later, was " + wrong);
        });
    }
}
