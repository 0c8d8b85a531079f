package reckonrod.core.directory;

import java.util.List;
import java.util.Optional;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.ShiftRule;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;

/** What a band plan makes of a shift that an entry publishes only in part. */
public final class PlannedShift {
    private PlannedShift() {}

    /**
     * The shift of an entry that says its direction, its size, or nothing of it; absent where the plan leaves it open too: it has no
     * repeaters there, no shift of that size, or several that are as good.
     */
    public static Optional<Shift> of(Signal signal, BandPlan plan) {
        Input input = signal.input();
        if (input instanceof Input.Signed signed) {
            int sign = signed.upward() ? 1 : -1;
            return plan.bandAt(signal.output())
                    .flatMap(band -> band.ruleFor(signal.output(), sign))
                    .map(rule -> Shift.ofHertz(sign * rule.shift().sizeHertz()));
        }
        List<Shift> fitting = there(signal.output(), plan).stream()
                .filter(each -> input instanceof Input.Unpublished
                        || input instanceof Input.Sized sized
                                && each.sizeHertz() == sized.size().hertz())
                .toList();
        return fitting.size() == 1 ? Optional.of(fitting.get(0)) : Optional.empty();
    }

    /** The different shifts that repeaters have there. */
    public static List<Shift> there(Frequency output, BandPlan plan) {
        return plan.bandAt(output).stream()
                .flatMap(band -> band.rulesFor(output).stream())
                .map(ShiftRule::shift)
                .distinct()
                .toList();
    }
}
