package reckonrod.core.drill;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/** When something is to be repeated: after longer and longer pauses while it goes well, and soon again after a slip (Leitner's boxes). */
public final class Spacing {
    private static final List<Integer> DAYS = List.of(1, 3, 7, 16, 35, 90);

    private Spacing() {}

    /**
     * How it went once.
     *
     * @param on the day
     * @param clean whether it was done without a slip and without a hint
     */
    public record Run(LocalDate on, boolean clean) {}

    /**
     * The day on which it is to be repeated. Several clean runs on one day count as one.
     *
     * @param runs all runs, at least one
     */
    public static LocalDate due(Collection<Run> runs) {
        if (runs.isEmpty()) {
            throw new IllegalArgumentException("What was never tried has no day on which it is repeated");
        }
        int box = -1;
        LocalDate last = null;
        for (Run run : runs.stream().sorted(Comparator.comparing(Run::on)).toList()) {
            if (!run.clean()) {
                box = -1;
            } else if (box < 0 || !run.on().equals(last)) {
                box = Math.min(box + 1, DAYS.size() - 1);
            }
            last = run.on();
        }
        return box < 0 ? last : last.plusDays(DAYS.get(box));
    }

    /**
     * Which is worth most now: what is due longest, then what was never tried, then what is due next.
     *
     * @param drills in the order of the list, each with the day on which it is repeated; nothing if it was never tried
     * @return its place; absent if there is none
     */
    public static OptionalInt next(List<Optional<LocalDate>> drills, LocalDate today) {
        Comparator<Integer> byDay = Comparator.comparing(at -> drills.get(at).orElse(LocalDate.MAX));
        Optional<Integer> soonest = IntStream.range(0, drills.size()).boxed().min(byDay);
        Optional<Integer> untried = IntStream.range(0, drills.size())
                .boxed()
                .filter(at -> drills.get(at).isEmpty())
                .findFirst();
        return soonest.filter(
                        at -> drills.get(at).filter(day -> !day.isAfter(today)).isPresent())
                .or(() -> untried)
                .or(() -> soonest)
                .map(OptionalInt::of)
                .orElse(OptionalInt.empty());
    }
}
