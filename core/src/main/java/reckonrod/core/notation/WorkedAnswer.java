package reckonrod.core.notation;

import java.util.List;
import java.util.Optional;
import reckonrod.core.channel.Channel;
import reckonrod.core.finding.Finding;

/**
 * What the Reckon line answers.
 *
 * @param line the line as typed
 * @param channel the channel it gives; absent when the line does not give one
 * @param working the steps that led there, in order
 * @param findings what is wrong, doubtful or good to know, gravest first
 * @param strips the bands to draw the channel on
 */
public record WorkedAnswer(
        String line, Optional<Channel> channel, List<Step> working, List<Finding> findings, List<BandStrip> strips) {
    public WorkedAnswer {
        working = List.copyOf(working);
        findings = findings.size() < 2
                ? List.copyOf(findings)
                : findings.stream().sorted(Finding.ORDER).toList();
        strips = List.copyOf(strips);
    }
}
