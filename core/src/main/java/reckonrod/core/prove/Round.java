package reckonrod.core.prove;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import reckonrod.core.geography.Position;

/**
 * A round of tests: places to stop at, so that every channel that can be tried from one of them is, on a short way.
 *
 * @param stops in the order they are come to
 * @param left the channels that open from none of the places
 */
public record Round(List<Stop> stops, Set<UUID> left) {
    /**
     * A place that may be stopped at.
     *
     * @param opens the channels that are expected to open from there
     */
    public record Candidate(String name, Position position, Set<UUID> opens) {}

    /**
     * A stop.
     *
     * @param channels what to try there
     * @param metres how far from the stop before, or from the start, as the crow flies
     */
    public record Stop(String name, Position position, Set<UUID> channels, double metres) {}

    public Round {
        stops = List.copyOf(stops);
        left = Set.copyOf(left);
    }

    /**
     * Chooses few stops and puts them in a short order: at each step the place that adds most, the nearer of two; what others cover
     * too is dropped; then the nearest next, and turns that shorten the way. Neither is proven to be the very best.
     *
     * @param wanted the channels to be tried
     */
    public static Round of(Position start, Set<UUID> wanted, List<Candidate> candidates) {
        List<Candidate> chosen = chosen(start, wanted, candidates);
        List<Candidate> order = ordered(start, chosen);
        Set<UUID> open = new LinkedHashSet<>(wanted);
        List<Stop> stops = new ArrayList<>();
        Position before = start;
        for (Candidate each : order) {
            Set<UUID> here = new LinkedHashSet<>(open);
            here.retainAll(each.opens());
            open.removeAll(here);
            stops.add(new Stop(
                    each.name(),
                    each.position(),
                    here,
                    before.to(each.position()).metres()));
            before = each.position();
        }
        return new Round(stops, open);
    }

    private static List<Candidate> chosen(Position start, Set<UUID> wanted, List<Candidate> candidates) {
        List<Candidate> chosen = new ArrayList<>();
        Set<UUID> open = new LinkedHashSet<>(wanted);
        while (!open.isEmpty()) {
            Optional<Candidate> best = candidates.stream()
                    .filter(each -> adds(each, open) > 0)
                    .min(Comparator.<Candidate>comparingLong(each -> -adds(each, open))
                            .thenComparingDouble(
                                    each -> start.to(each.position()).metres()));
            if (best.isEmpty()) {
                break;
            }
            chosen.add(best.get());
            open.removeAll(best.get().opens());
        }
        for (Candidate each : List.copyOf(chosen)) {
            Set<UUID> others = new LinkedHashSet<>();
            chosen.stream().filter(other -> !other.equals(each)).forEach(other -> others.addAll(other.opens()));
            boolean needed = wanted.stream().anyMatch(one -> each.opens().contains(one) && !others.contains(one));
            if (!needed) {
                chosen.remove(each);
            }
        }
        return chosen;
    }

    private static long adds(Candidate candidate, Set<UUID> open) {
        return open.stream().filter(candidate.opens()::contains).count();
    }

    private static List<Candidate> ordered(Position start, List<Candidate> chosen) {
        List<Candidate> left = new ArrayList<>(chosen);
        List<Candidate> order = new ArrayList<>();
        Position at = start;
        while (!left.isEmpty()) {
            Position here = at;
            Candidate next = Collections.min(
                    left,
                    Comparator.comparingDouble(each -> here.to(each.position()).metres()));
            left.remove(next);
            order.add(next);
            at = next.position();
        }
        boolean better = true;
        while (better) {
            better = false;
            for (int from = 0; from < order.size() - 1; from++) {
                for (int to = from + 1; to < order.size(); to++) {
                    List<Candidate> turned = new ArrayList<>(order);
                    Collections.reverse(turned.subList(from, to + 1));
                    if (metres(start, turned) < metres(start, order) - 1) {
                        order = turned;
                        better = true;
                    }
                }
            }
        }
        return order;
    }

    private static double metres(Position start, List<Candidate> order) {
        double metres = 0;
        Position at = start;
        for (Candidate each : order) {
            metres += at.to(each.position()).metres();
            at = each.position();
        }
        return metres;
    }

    /** How long the way is, as the crow flies, in metres. */
    public double metres() {
        return stops.stream().mapToDouble(Stop::metres).sum();
    }
}
