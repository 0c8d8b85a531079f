package reckonrod.core.notation;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;

/** Works out a line by a band plan. */
public final class Reckoner {
    private Reckoner() {}

    /**
     * Works out one line. Never throws for what a person typed: an answer without a channel has a finding that says why.
     *
     * @param line one line of directory notation, at most 200 characters are read
     * @param plan the band plan that supplies sizes of shifts and judges the result
     */
    public static WorkedAnswer reckon(String line, BandPlan plan) {
        if (line.isBlank()) {
            return unanswered(line, List.of(Finding.of(LineFindings.EMPTY, Field.LINE, Map.of())));
        }
        if (line.length() > LineReader.MOST_CHARACTERS) {
            return unanswered(
                    line.substring(0, LineReader.MOST_CHARACTERS),
                    List.of(Finding.of(
                            LineFindings.TOO_LONG,
                            Field.LINE,
                            Map.of(
                                    "length", String.valueOf(line.length()),
                                    "most", String.valueOf(LineReader.MOST_CHARACTERS)))));
        }
        LineParts parts = LineReader.read(line, plan);
        if (parts.receive.isEmpty()) {
            return unanswered(line, withoutFrequency(line, parts));
        }
        return new ChannelWorker(line, parts, plan).work();
    }

    private static List<Finding> withoutFrequency(String line, LineParts parts) {
        boolean said = parts.findings.stream().anyMatch(finding -> finding.field() == Field.RECEIVE);
        return said
                ? parts.findings
                : List.of(Finding.of(LineFindings.NO_FREQUENCY, Field.RECEIVE, Map.of("line", line.strip())));
    }

    private static WorkedAnswer unanswered(String line, List<Finding> findings) {
        return new WorkedAnswer(line, Optional.empty(), List.of(), findings, List.of());
    }
}
