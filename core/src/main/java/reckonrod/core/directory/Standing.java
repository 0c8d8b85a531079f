package reckonrod.core.directory;

import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
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
        String notes,
        Optional<InVain> inVain) {
    /** The longest notes. */
    public static final int MOST_NOTES_CHARACTERS = 500;

    /** Who confirmed what the person's own radio has opened. */
    public static final String OWN_TEST = "your own test";

    /**
     * How often the person's own tests got no answer since it last gave one.
     *
     * @param days on how many days; at least 1
     * @param last the last of them
     */
    public record InVain(int days, LocalDate last) {
        public InVain {
            if (days < 1) {
                throw new IllegalArgumentException("Days must be at least 1, was " + days);
            }
        }
    }

    /** The same as its source says it, which nobody has tried yet. */
    public Standing(
            State state,
            Set<DirectoryFlag> flags,
            Optional<LocalDate> confirmedOn,
            String confirmedBy,
            String sponsor,
            String notes) {
        this(state, flags, confirmedOn, confirmedBy, sponsor, notes, Optional.empty());
    }

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
        return Texts.require("Notes", notes, MOST_NOTES_CHARACTERS);
    }

    /** The same after the person's own radio got no answer on some days; those before it was confirmed say nothing. */
    public Standing triedInVain(Set<LocalDate> days) {
        List<LocalDate> since = days.stream()
                .filter(day -> confirmedOn.filter(day::isBefore).isEmpty())
                .sorted()
                .toList();
        return since.isEmpty()
                ? this
                : new Standing(
                        state,
                        flags,
                        confirmedOn,
                        confirmedBy,
                        sponsor,
                        notes,
                        Optional.of(new InVain(since.size(), since.get(since.size() - 1))));
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
        return new Standing(next, flags, confirmedOn, confirmedBy, sponsor, notes, inVain);
    }
}
