package reckonrod.core.check;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.SegmentUse;
import reckonrod.core.bandplan.ShiftRule;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Talk;
import reckonrod.core.finding.Edit;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Fix;
import reckonrod.core.finding.Severity;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;

/** Compares a channel's pair with the shift rules of the plan. */
final class ShiftCheck implements ChannelRule {
    static final FindingKind SIGN = new FindingKind(
            "shift-sign-differs",
            Severity.DOUBT,
            "{plan} practice at {listen} is {expected}, the channel has {actual}.",
            "With the wrong sign you talk where the repeater does not listen. The given sign is kept.");
    static final FindingKind SIZE = new FindingKind(
            "shift-size-differs",
            Severity.DOUBT,
            "{plan} practice at {listen} is {expected}, the channel has {actual}.",
            "A shift of another size misses the repeater's input. The given size is kept; check the source.");
    static final FindingKind ZEROS = new FindingKind(
            "shift-zeros-slipped",
            Severity.DOUBT,
            "{actual} has the digits of {expected}, which {plan} practice has at {listen}, and other zeros.",
            "A zero too many or too few, easily keyed on a radio that wants leading zeros. Nothing was changed.");
    static final FindingKind SWAPPED = new FindingKind(
            "pair-swapped",
            Severity.DOUBT,
            "{listen} is among the repeater inputs of {plan}, and {talk} among the outputs.",
            "Listening on a repeater's input hears nobody through it; the two frequencies may be the wrong way round.");
    static final FindingKind CROSS_BAND = new FindingKind(
            "cross-band-split",
            Severity.NOTE,
            "Listens on {listenBand} and talks on {talkBand}: a cross-band split.",
            "Legal and useful, but many radios cannot store it; Fit shows which.");

    private static final long MOST_ZEROS_FACTOR = 1_000;

    @Override
    public List<Finding> check(Channel channel, BandPlan plan) {
        Optional<Frequency> transmit = channel.transmit();
        Optional<Band> listenBand = plan.bandAt(channel.receive());
        if (!channel.isDuplex() || transmit.isEmpty() || listenBand.isEmpty()) {
            return List.of();
        }
        Optional<Band> talkBand = plan.bandAt(transmit.get());
        if (talkBand.isPresent() && !talkBand.equals(listenBand)) {
            return List.of(Finding.of(
                    CROSS_BAND,
                    Field.TRANSMIT,
                    Map.of(
                            "listenBand", listenBand.get().name(),
                            "talkBand", talkBand.get().name())));
        }
        if (isSwapped(listenBand.get(), channel.receive(), transmit.get())) {
            return List.of(swapped(channel, transmit.get(), plan));
        }
        return againstRules(channel, listenBand.get(), plan);
    }

    private static boolean isSwapped(Band band, Frequency receive, Frequency transmit) {
        return uses(band, receive, SegmentUse.REPEATER_INPUT) && uses(band, transmit, SegmentUse.REPEATER_OUTPUT);
    }

    private static boolean uses(Band band, Frequency frequency, SegmentUse use) {
        return band.segmentAt(frequency).map(segment -> segment.use() == use).orElse(false);
    }

    private static Finding swapped(Channel channel, Frequency transmit, BandPlan plan) {
        Channel turned = channel.withPair(transmit, new Talk.On(channel.receive()));
        return new Finding(
                SWAPPED,
                Field.RECEIVE,
                Map.of(
                        "listen", channel.receive().toString(),
                        "talk", transmit.toString(),
                        "plan", plan.shortTitle()),
                List.of(new Fix("Listen on " + transmit.toMegahertzText(), new Edit.ReplaceChannel(turned))));
    }

    private static List<Finding> againstRules(Channel channel, Band band, BandPlan plan) {
        List<ShiftRule> rules = band.rulesFor(channel.receive());
        Shift actual = channel.shift().orElse(Shift.NONE);
        if (rules.isEmpty() || rules.stream().anyMatch(rule -> rule.shift().equals(actual))) {
            return List.of();
        }
        ShiftRule rule = rules.get(0);
        boolean sameSize = rules.stream().anyMatch(each -> each.shift().sizeHertz() == actual.sizeHertz());
        Channel byRule = channel.withTalk(new Talk.Shifted(rule.shift(), true));
        FindingKind other = isZerosAway(actual, rule.shift()) ? ZEROS : SIZE;
        return List.of(new Finding(
                sameSize ? SIGN : other,
                Field.TRANSMIT,
                Map.of(
                        "plan", plan.shortTitle(),
                        "listen", channel.receive().toString(),
                        "expected", rule.shift().toString(),
                        "actual", actual.toString()),
                List.of(new Fix("Use " + rule.shift(), new Edit.ReplaceChannel(byRule)))));
    }

    private static boolean isZerosAway(Shift actual, Shift expected) {
        long small = Math.min(actual.sizeHertz(), expected.sizeHertz());
        long large = Math.max(actual.sizeHertz(), expected.sizeHertz());
        for (long factor = 10; factor <= MOST_ZEROS_FACTOR; factor *= 10) {
            if (small * factor == large) {
                return true;
            }
        }
        return false;
    }
}
