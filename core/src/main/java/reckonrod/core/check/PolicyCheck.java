package reckonrod.core.check;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.finding.Edit;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Fix;
import reckonrod.core.finding.Severity;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.Listening;
import reckonrod.core.tone.NoTone;

/** Looks for channels that wait for a tone in a list that is to be open. */
final class PolicyCheck implements ListRule {
    static final FindingKind WAITS = new FindingKind(
            "waits-in-open-list",
            Severity.NOTE,
            "{name} waits for {tone}, and the channels of this list are to be open.",
            "A wrong listen tone silences the radio without a word.");

    @Override
    public Map<Integer, List<Finding>> check(ChannelList list, BandPlan plan) {
        Map<Integer, List<Finding>> findings = new HashMap<>();
        if (list.intent().listening() == Listening.OPEN) {
            list.entries().forEach((slot, entry) -> {
                if (entry.channel().listenTone().isPresent()) {
                    findings.put(slot, List.of(finding(entry.channel())));
                }
            });
        }
        return findings;
    }

    private static Finding finding(Channel channel) {
        Channel open = channel.withTones(channel.talkTone(), NoTone.NONE);
        return new Finding(
                WAITS,
                Field.LISTEN_TONE,
                Map.of("name", channel.label(), "tone", channel.listenTone().toString()),
                List.of(new Fix("Open it", new Edit.ReplaceChannel(open))));
    }
}
