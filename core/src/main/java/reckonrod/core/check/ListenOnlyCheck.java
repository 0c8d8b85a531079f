package reckonrod.core.check;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.Service;
import reckonrod.core.channel.Channel;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.frequency.Frequency;

/** Says of channels outside the talk windows why they never talk. */
final class ListenOnlyCheck implements ChannelRule {
    static final FindingKind SERVICE = new FindingKind(
            "listen-only-service",
            Severity.NOTE,
            "{listen} belongs to another service ({service}): listen-only in every radio.",
            "An amateur licence does not cover it. Local law says what may be listened to.");
    static final FindingKind OUTSIDE = new FindingKind(
            "outside-plan",
            Severity.DOUBT,
            "{listen} is in no band of {plan} and in no listening service: listen-only.",
            "A digit may have slipped, or the list uses another band plan.");
    static final FindingKind TALK_OUTSIDE = new FindingKind(
            "talk-outside-windows",
            Severity.ERROR,
            "Talking on {talk} would be outside every amateur band of {plan}.",
            "Transmitting there is not covered by the licence; such a channel is kept listen-only.");
    static final FindingKind TALK_OUTSIDE_LICENCE = new FindingKind(
            "talk-outside-licence",
            Severity.ERROR,
            "Talking on {talk} is outside the talk windows of the class \"{licence}\" in {plan}.",
            "The list says that this class of licence applies; such a channel is kept listen-only.");

    /** The finding that goes with a talk frequency that is not covered. */
    static Finding talkOutside(Frequency transmit, BandPlan plan) {
        return Finding.of(
                plan.bandAt(transmit).isPresent() ? TALK_OUTSIDE_LICENCE : TALK_OUTSIDE,
                Field.TRANSMIT,
                Map.of(
                        "talk", transmit.toString(),
                        "plan", plan.shortTitle(),
                        "licence", plan.licence().name()));
    }

    @Override
    public List<Finding> check(Channel channel, BandPlan plan) {
        Optional<Frequency> transmit = channel.transmit();
        if (transmit.isPresent()) {
            return plan.mayTalk(transmit.get()) ? List.of() : List.of(talkOutside(transmit.get(), plan));
        }
        if (plan.bandAt(channel.receive()).isPresent()) {
            return List.of();
        }
        Optional<Service> service = plan.serviceAt(channel.receive());
        String listen = channel.receive().toString();
        return List.of(service.map(
                        each -> Finding.of(SERVICE, Field.RECEIVE, Map.of("listen", listen, "service", each.name())))
                .orElseGet(
                        () -> Finding.of(OUTSIDE, Field.RECEIVE, Map.of("listen", listen, "plan", plan.shortTitle()))));
    }
}
