package reckonrod.core.planchange;

import java.util.ArrayList;
import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.ShiftRule;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Talk;
import reckonrod.core.check.Checks;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.Severity;
import reckonrod.core.frequency.Shift;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.notation.LineWriter;

/**
 * A list taken to another plan.
 *
 * @param list the list as it would be
 * @param rows every channel that moves or that the new plan finds fault with, by rising slot
 */
public record PlanChange(ChannelList list, List<Row> rows) {
    /** What becomes of one channel. */
    public enum Outcome {
        /** The new plan's rule gives another shift. */
        REWORKED("worked out anew"),
        /** The new plan has no rule there, so the shift is kept as if it had been given. */
        KEPT("kept as given, no rule there"),
        /** It was given, and stays. */
        UNTOUCHED("given, stays");

        private final String words;

        Outcome(String words) {
            this.words = words;
        }

        /** The outcome in words. */
        public String words() {
            return words;
        }
    }

    /**
     * One channel.
     *
     * @param slot its slot
     * @param before the channel by the old plan
     * @param after the channel by the new one
     * @param outcome what was done
     * @param findings doubts and errors that the new plan has and the old one had not
     */
    public record Row(int slot, Channel before, Channel after, Outcome outcome, List<Finding> findings) {
        /** Whether it talks elsewhere than before. */
        public boolean moves() {
            return !before.transmit().equals(after.transmit());
        }
    }

    public PlanChange {
        rows = List.copyOf(rows);
    }

    /** Works out what the other plan would do to a list. Nothing is changed by asking. */
    public static PlanChange of(ChannelList list, BandPlan from, BandPlan to) {
        NavigableMap<Integer, ListEntry> next = new TreeMap<>();
        List<Row> rows = new ArrayList<>();
        list.entries().forEach((slot, entry) -> {
            Row row = row(slot, entry.channel(), from, to);
            boolean same = row.after().equals(row.before());
            next.put(slot, same ? entry : entry.withChannel(row.after(), LineWriter.write(row.after(), to)));
            if (!same || !row.findings().isEmpty()) {
                rows.add(row);
            }
        });
        return new PlanChange(list.byPlan(to.id(), to.licence().name(), next), rows);
    }

    private static Row row(int slot, Channel before, BandPlan from, BandPlan to) {
        Channel after = before;
        Outcome outcome = Outcome.UNTOUCHED;
        if (before.talk() instanceof Talk.Shifted shifted && shifted.byRule()) {
            Optional<Shift> byRule = shiftByRule(before, shifted.shift(), to);
            outcome = byRule.isPresent() ? Outcome.REWORKED : Outcome.KEPT;
            after = before.withTalk(byRule.map(shift -> new Talk.Shifted(shift, true))
                    .orElse(new Talk.Shifted(shifted.shift(), false)));
        }
        List<String> known = grave(before, from).stream().map(Finding::message).toList();
        List<Finding> fresh = grave(after, to).stream()
                .filter(finding -> !known.contains(finding.message()))
                .toList();
        return new Row(slot, before, after, outcome, fresh);
    }

    /** The sign stays as it was published; the new plan supplies the size. */
    private static Optional<Shift> shiftByRule(Channel channel, Shift old, BandPlan to) {
        int sign = Long.signum(old.hertz());
        return to.bandAt(channel.receive())
                .flatMap(band -> band.ruleFor(channel.receive(), sign))
                .map(ShiftRule::shift)
                .map(shift -> Shift.ofHertz(sign * shift.sizeHertz()));
    }

    private static List<Finding> grave(Channel channel, BandPlan plan) {
        return Checks.channel(channel, plan).stream()
                .filter(finding -> finding.kind().severity() != Severity.NOTE)
                .toList();
    }
}
