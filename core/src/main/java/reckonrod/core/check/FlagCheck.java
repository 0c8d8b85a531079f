package reckonrod.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;

/** Says what the directory's own flags mean for use. */
final class FlagCheck implements ChannelRule {
    static final FindingKind CLOSED = new FindingKind(
            "repeater-closed",
            Severity.NOTE,
            "The directory says that {name} is closed.",
            "It is for members; ask its keeper before you talk.");
    static final FindingKind OFF_AIR = new FindingKind(
            "repeater-off-air",
            Severity.DOUBT,
            "The directory says that {name} is off the air.",
            "It may answer nobody. Do not count on it, and look for another one in reach.");

    @Override
    public List<Finding> check(Channel channel, BandPlan plan) {
        if (channel.flags().isEmpty()) {
            return List.of();
        }
        List<Finding> findings = new ArrayList<>();
        Map<String, String> facts = Map.of("name", channel.label());
        if (channel.flags().contains(DirectoryFlag.CLOSED)) {
            findings.add(Finding.of(CLOSED, Field.LINE, facts));
        }
        if (channel.flags().contains(DirectoryFlag.OFF_AIR)) {
            findings.add(Finding.of(OFF_AIR, Field.LINE, facts));
        }
        return findings;
    }
}
