package reckonrod.core.find;

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
    /** Living ones in reach first, nearest first; what looks dead sinks to the end. */
    public static final Comparator<Found> BY_USE = Comparator.comparing(Found::looksDead)
            .thenComparing(Found::verdictOrLast)
            .thenComparing(Found::metres)
            .thenComparing(found -> found.entry().id());

    /** In driving order along a route, what looks dead at the end. */
    public static final Comparator<Found> BY_ROUTE = Comparator.comparing(Found::looksDead)
            .thenComparing(found -> found.passing().map(Route.Passing::metres).orElse(0.0))
            .thenComparing(found -> found.entry().id());

    /** Whether the entry looks dead. */
    public boolean looksDead() {
        return trust.looksDead();
    }

    /** How far away it is, in metres; infinite without a position. */
    public double metres() {
        return reach.map(each -> each.hop().metres()).orElse(Double.POSITIVE_INFINITY);
    }

    private Verdict verdictOrLast() {
        return reach.map(Reach::verdict).orElse(Verdict.UNLIKELY);
    }
}
