package reckonrod.core.take;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.directory.Input;
import reckonrod.core.directory.PlannedShift;
import reckonrod.core.directory.Signal;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.frequency.Shift;

/**
 * Where a channel talks that is taken from an entry. What the entry leaves out is what all repeaters of the plan do there, and that is
 * told; where they do not do the same, nothing is made up.
 *
 * @param line the frequencies in the notation; absent where nobody knows where the repeater listens
 * @param finding what is to be told of that, if anything
 */
record EntryTalk(Optional<String> line, Optional<Finding> finding) {
    static final FindingKind DIRECTION_BY_PLAN = new FindingKind(
            "entry-direction-by-plan",
            Severity.DOUBT,
            "The entry says how far it shifts, {shift} MHz, and not which way; repeaters of {plan} talk {way} there.",
            "A repeater may differ from the plan; look it up before you rely on it.");
    static final FindingKind DIRECTION_OPEN = new FindingKind(
            "entry-direction-open",
            Severity.ERROR,
            "The entry says how far it shifts, {shift} MHz, and not which way; {plan} has no such shift there.",
            "Look up where the repeater listens, and type its channel with both frequencies.");
    static final FindingKind SHIFT_BY_PLAN = new FindingKind(
            "entry-shift-by-plan",
            Severity.DOUBT,
            "The entry does not say where the repeater listens; repeaters of {plan} talk {size} {way} there.",
            "A repeater may differ from the plan; look it up before you rely on it.");
    static final FindingKind SHIFT_OPEN = new FindingKind(
            "entry-shift-open",
            Severity.ERROR,
            "The entry does not say where the repeater listens, and {plan} has several shifts there: {shifts}.",
            "Look up where the repeater listens, and type its channel with both frequencies.");
    static final FindingKind WITHOUT_SHIFT = new FindingKind(
            "entry-without-shift",
            Severity.DOUBT,
            "The entry does not say where it listens, and {plan} has no repeaters there; the channel talks where it listens.",
            "That is right for a direct channel. Look up where a repeater listens.");

    static EntryTalk of(Signal signal, BandPlan plan) {
        String output = signal.output().toMegahertzText();
        Optional<Shift> shift = PlannedShift.of(signal, plan);
        if (signal.input() instanceof Input.Sized sized) {
            return sized(output, sized, shift, plan);
        }
        boolean amateur = plan.bandAt(signal.output()).isPresent();
        return signal.input() instanceof Input.Unpublished && amateur
                ? unpublished(output, shift, PlannedShift.there(signal.output(), plan), plan)
                : new EntryTalk(Optional.of(output + signal.input().words()), Optional.empty());
    }

    private static EntryTalk sized(String output, Input.Sized sized, Optional<Shift> shift, BandPlan plan) {
        Map<String, String> facts = new HashMap<>(Map.of(
                "shift", sized.words().strip(),
                "plan", plan.shortTitle()));
        if (shift.isEmpty()) {
            return none(DIRECTION_OPEN, facts);
        }
        facts.put("way", way(shift.get()));
        return by(output, shift.get(), DIRECTION_BY_PLAN, facts);
    }

    private static EntryTalk unpublished(String output, Optional<Shift> shift, List<Shift> there, BandPlan plan) {
        Map<String, String> facts = new HashMap<>(Map.of("plan", plan.shortTitle()));
        if (shift.isPresent()) {
            facts.put("size", shift.get().toSizeText());
            facts.put("way", way(shift.get()));
            return by(output, shift.get(), SHIFT_BY_PLAN, facts);
        }
        if (there.isEmpty()) {
            return new EntryTalk(
                    Optional.of(output + " simplex"), Optional.of(Finding.of(WITHOUT_SHIFT, Field.TRANSMIT, facts)));
        }
        facts.put(
                "shifts",
                String.join(", ", there.stream().map(Shift::toMegahertzText).toList()));
        return none(SHIFT_OPEN, facts);
    }

    private static EntryTalk by(String output, Shift shift, FindingKind kind, Map<String, String> facts) {
        return new EntryTalk(
                Optional.of(output + " " + shift.toMegahertzText()),
                Optional.of(Finding.of(kind, Field.TRANSMIT, facts)));
    }

    private static EntryTalk none(FindingKind kind, Map<String, String> facts) {
        return new EntryTalk(Optional.empty(), Optional.of(Finding.of(kind, Field.TRANSMIT, facts)));
    }

    private static String way(Shift shift) {
        return shift.hertz() < 0 ? "lower" : "higher";
    }
}
