package reckonrod.core.find;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.Optional;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Trust;
import reckonrod.core.geography.Position;
import reckonrod.core.geography.Route;
import reckonrod.core.reach.Reach;
import reckonrod.core.reach.Verdict;

/**
 * An entry as seen from a place.
 *
 * @param entry the entry
 * @param from the place it is judged from; on a route, where that comes nearest
 * @param reach whether the two hear each other; absent if the entry has no position
 * @param trust how far the entry can be trusted
 * @param passing where a route passes it; absent around a point
 */
public record Found(
        DirectoryEntry entry, Position from, Optional<Reach> reach, Trust trust, Optional<Route.Passing> passing) {
    /** Living ones in reach first, nearest first; what stays silent comes after its like, what looks dead sinks to the end. */
    public static final Comparator<Found> BY_USE = Comparator.comparing(Found::looksDead)
            .thenComparing(Found::verdictOrLast)
            .thenComparing(found -> found.trust().staysSilent())
            .thenComparing(Found::metres)
            .thenComparing(found -> found.entry().id());

    /** Nearest first, whatever its use; those without a position at the end. */
    public static final Comparator<Found> BY_DISTANCE = Comparator.comparingDouble(Found::metres)
            .thenComparing(found -> found.entry().id());

    /** By output, the nearest of the same one first. */
    public static final Comparator<Found> BY_OUTPUT = Comparator.comparing(
                    (Found found) -> found.entry().signal().output())
            .thenComparing(BY_DISTANCE);

    /** The latest confirmed first, by its source or by one's own test; what never was at the end. */
    public static final Comparator<Found> BY_CONFIRMED = Comparator.comparing(
                    (Found found) -> found.entry().standing().confirmedOn().orElse(LocalDate.MIN),
                    Comparator.reverseOrder())
            .thenComparing(BY_DISTANCE);

    /** What was never confirmed first, then the longest not confirmed: what is to be tried next. */
    public static final Comparator<Found> BY_UNCONFIRMED = Comparator.comparing(
                    (Found found) -> found.entry().standing().confirmedOn().orElse(LocalDate.MIN))
            .thenComparing(BY_DISTANCE);

    /** In driving order along a route, what looks dead at the end. */
    public static final Comparator<Found> BY_ROUTE = Comparator.comparing(Found::looksDead)
            .thenComparing(found -> found.passing().map(Route.Passing::metres).orElse(0.0))
            .thenComparing(found -> found.entry().id());

    /** Whether the entry looks dead. */
    public boolean looksDead() {
        return trust.looksDead();
    }

    /**
     * Whether a handful of these is what somebody wants who knows nothing of the place: it is in likely reach, looks alive, is
     * open as far as is known, and passes on what an analogue radio sends.
     */
    public boolean isRecommended() {
        return verdictOrLast() == Verdict.LIKELY && trust.isOfUse() && !trust.isClosed() && !trust.staysSilent();
    }

    /** How far away it is, in metres; infinite without a position. */
    public double metres() {
        return reach.map(each -> each.hop().metres()).orElse(Double.POSITIVE_INFINITY);
    }

    private Verdict verdictOrLast() {
        return reach.map(Reach::verdict).orElse(Verdict.UNLIKELY);
    }
}
