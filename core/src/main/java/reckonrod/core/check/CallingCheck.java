package reckonrod.core.check;

import java.util.List;
import java.util.Map;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Power;
import reckonrod.core.finding.Edit;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Fix;
import reckonrod.core.finding.Severity;

/** Looks for a calling channel that always shouts. */
final class CallingCheck implements ChannelRule {
    static final FindingKind HIGH_POWER = new FindingKind(
            "calling-at-high-power",
            Severity.NOTE,
            "{listen} is a calling frequency of {plan}, kept here at high power.",
            "Calls are answered far off and block the channel for others; start low and go up when nobody answers.");

    @Override
    public List<Finding> check(Channel channel, BandPlan plan) {
        boolean calling = channel.isSimplex()
                && plan.bandAt(channel.receive())
                        .map(band -> band.calling().contains(channel.receive()))
                        .orElse(false);
        if (!calling || channel.power() != Power.HIGH) {
            return List.of();
        }
        return List.of(new Finding(
                HIGH_POWER,
                Field.POWER,
                Map.of("listen", channel.receive().toString(), "plan", plan.shortTitle()),
                List.of(new Fix("Use low power", new Edit.ReplaceChannel(channel.withPower(Power.LOW))))));
    }
}
