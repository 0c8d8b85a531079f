package reckonrod.core.directory;

import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import reckonrod.core.channel.DirectoryFlag;

/**
 * Whether a repeater works, for whom, and who says so.
 *
 * @param state whether it works
 * @param flags what else is said of it, never {@link DirectoryFlag#OFF_AIR}, which is a state
 * @param confirmedOn the day it was last confirmed, if ever
 * @param confirmedBy who did; may be empty
 * @param sponsor who keeps it; may be empty
 * @param notes anything else; may be empty
 */
public record Standing(
        State state,
        Set<DirectoryFlag> flags,
        Optional<LocalDate> confirmedOn,
        String confirmedBy,
        String sponsor,
        String notes) {
    /** Who confirmed what the person's own radio has opened. */
    public static final String OWN_TEST = "your own test";

    public Standing {
        flags = flags.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(flags));
        if (flags.contains(DirectoryFlag.OFF_AIR)) {
            throw new IllegalArgumentException("Off the air must be said as the state");
        }
        confirmedBy = confirmedBy.strip();
        sponsor = sponsor.strip();
        notes = notes.strip();
        Texts.require("Confirmed by", confirmedBy, 80);
        Texts.require("Sponsor", sponsor, 80);
        requireNotes(notes);
    }

    /**
     * Notes, if they are short enough to be kept.
     *
     * @throws IllegalArgumentException if they have more than 500 characters or a control character
     */
    public static String requireNotes(String notes) {
        return Texts.require("Notes", notes, 500);
    }

    /**
     * The same after it was answered on that day by the person's own radio, which outweighs what its source says of earlier days.
     */
    public Standing answeredOn(LocalDate day) {
        return confirmedOn.filter(each -> each.isAfter(day)).isPresent()
                ? this
                : new Standing(State.ON_AIR, flags, Optional.of(day), OWN_TEST, sponsor, notes);
    }

    /** The same, in another state. */
    public Standing in(State next) {
        return new Standing(next, flags, confirmedOn, confirmedBy, sponsor, notes);
    }
}
