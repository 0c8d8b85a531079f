package reckonrod.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.SegmentUse;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Emission;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.frequency.Frequency;

/** Looks for talking where the plan keeps the band for something else. */
final class SegmentCheck implements ChannelRule {
    static final FindingKind OTHER_USE = new FindingKind(
            "fm-in-kept-segment",
            Severity.DOUBT,
            "{talk} is kept for {use} in {plan}; FM talk does not belong there.",
            "An FM carrier drowns weak signals, beacons, satellites and data nearby.");
    static final FindingKind ON_INPUT = new FindingKind(
            "simplex-on-repeater-input",
            Severity.DOUBT,
            "{talk} is among the repeater inputs of {plan}, and the channel talks there simplex.",
            "What you say may come out of a repeater, and you hear only stations near you.");

    private static final Set<SegmentUse> KEPT =
            Set.of(SegmentUse.SATELLITE, SegmentUse.WEAK_SIGNAL, SegmentUse.BEACON, SegmentUse.DATA);

    @Override
    public List<Finding> check(Channel channel, BandPlan plan) {
        List<Finding> findings = new ArrayList<>();
        Optional<Frequency> transmit = channel.transmit();
        Optional<SegmentUse> use = transmit.flatMap(plan::useAt);
        if (use.isEmpty()) {
            return findings;
        }
        boolean throughSatellite = use.get() == SegmentUse.SATELLITE
                && channel.isDuplex()
                && plan.useAt(channel.receive()).equals(use);
        if (channel.emission() != Emission.AM && KEPT.contains(use.get()) && !throughSatellite) {
            findings.add(Finding.of(OTHER_USE, Field.TRANSMIT, facts(transmit.get(), use.get(), plan)));
        }
        if (channel.isSimplex() && use.get() == SegmentUse.REPEATER_INPUT) {
            findings.add(Finding.of(ON_INPUT, Field.TRANSMIT, facts(transmit.get(), use.get(), plan)));
        }
        return findings;
    }

    private static Map<String, String> facts(Frequency talk, SegmentUse use, BandPlan plan) {
        return Map.of("talk", talk.toString(), "use", use.words(), "plan", plan.shortTitle());
    }
}
