package reckonrod.server.arrange;

import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.notation.WorkedAnswer;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.reckon.FindingView;

/** Channels of lines that come in. */
@Component
class WorkedOut {
    /** The channel of a line; a line that gives none is a problem with its findings. */
    Channel channel(String line, BandPlan plan) {
        WorkedAnswer answer = Reckoner.reckon(line, plan);
        return answer.channel().orElseThrow(() -> {
            List<FindingView> findings = answer.findings().stream()
                    .map(each -> FindingView.of(each, plan))
                    .toList();
            return new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "line-without-channel",
                    "The line gives no channel",
                    findings.get(0).message() + " " + findings.get(0).why(),
                    Map.of("field", "line", "line", line, "findings", findings));
        });
    }
}
