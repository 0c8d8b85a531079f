package reckonrod.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.ShiftRule;
import reckonrod.core.finding.Edit;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.Fix;
import reckonrod.core.frequency.Frequency;

/** Works out a line by a band plan. */
public final class Reckoner {
    private static final Pattern LETTER_AMONG_DIGITS = Pattern.compile("(?<=[\\d.,])[OolI](?![\\p{L}])");

    /** What stands behind this in a line is a remark that a person has to judge. */
    public static final String REMARK = "??";

    private Reckoner() {}

    /**
     * Works out one line. Never throws for what a person typed: an answer without a channel has a finding that says why.
     *
     * @param line one line of directory notation, at most 200 characters are read; what stands behind {@link #REMARK} is reported
     *     and not read
     * @param plan the band plan that supplies sizes of shifts and judges the result
     */
    public static WorkedAnswer reckon(String line, BandPlan plan) {
        int remark = remarkAt(line);
        return remark < 0 ? work(line, plan) : withRemark(line, remark, plan);
    }

    /** Where a remark begins, behind a blank and outside a quoted name; -1 for none. */
    private static int remarkAt(String line) {
        boolean quoted = false;
        for (int at = 0; at + REMARK.length() < line.length(); at++) {
            quoted ^= line.charAt(at) == '"';
            if (!quoted
                    && line.startsWith(REMARK, at)
                    && (at == 0 || Character.isWhitespace(line.charAt(at - 1)))
                    && !line.substring(at + REMARK.length()).isBlank()) {
                return at;
            }
        }
        return -1;
    }

    private static WorkedAnswer withRemark(String line, int at, BandPlan plan) {
        String channel = line.substring(0, at).stripTrailing();
        String remark = line.substring(at);
        WorkedAnswer answer = work(channel, plan);
        List<Finding> findings = new ArrayList<>();
        answer.findings()
                .forEach(each -> findings.add(new Finding(
                        each.kind(),
                        each.field(),
                        each.facts(),
                        each.fixes().stream().map(fix -> keeping(remark, fix)).toList())));
        findings.add(new Finding(
                LineFindings.OPEN_REMARK,
                Field.LINE,
                Map.of("remark", remark.substring(REMARK.length()).strip()),
                List.of(new Fix("Remove the remark", new Edit.RewriteLine(channel)))));
        return new WorkedAnswer(line, answer.channel(), answer.working(), findings, answer.strips());
    }

    /** A correction of the channel does not answer the remark. */
    private static Fix keeping(String remark, Fix fix) {
        return fix.edit() instanceof Edit.RewriteLine rewrite
                ? new Fix(fix.label(), new Edit.RewriteLine(rewrite.line() + " " + remark))
                : fix;
    }

    private static WorkedAnswer work(String line, BandPlan plan) {
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
            return unanswered(line, withoutFrequency(line, parts, plan));
        }
        return new ChannelWorker(line, parts, plan).work();
    }

    private static List<Finding> withoutFrequency(String line, LineParts parts, BandPlan plan) {
        boolean said = parts.findings.stream().anyMatch(finding -> finding.field() == Field.RECEIVE);
        if (!said && parts.transmit.isPresent()) {
            return List.of(onlyTalk(parts.transmit.get(), line, plan));
        }
        return said
                ? parts.findings
                : List.of(new Finding(
                        LineFindings.NO_FREQUENCY,
                        Field.RECEIVE,
                        Map.of("line", line.strip()),
                        lettersForDigits(line)));
    }

    /** The letters O and l in the middle of digits were meant as 0 and 1. */
    private static List<Fix> lettersForDigits(String line) {
        String mended = LETTER_AMONG_DIGITS
                .matcher(line)
                .replaceAll(match -> match.group().equalsIgnoreCase("o") ? "0" : "1");
        return mended.equals(line)
                ? List.of()
                : List.of(new Fix("Read " + mended.strip(), new Edit.RewriteLine(mended)));
    }

    /** Going back from an input to the outputs whose rules lead to it. */
    private static Finding onlyTalk(Frequency talk, String line, BandPlan plan) {
        List<Fix> fixes = new ArrayList<>();
        for (Band band : plan.bands()) {
            for (ShiftRule rule : band.shiftRules()) {
                Frequency output = talk.hertz() > rule.shift().hertz()
                        ? Frequency.ofHertz(talk.hertz() - rule.shift().hertz())
                        : talk;
                if (rule.outputs().contains(output)) {
                    fixes.add(new Fix(
                            "Listen on " + output,
                            new Edit.RewriteLine("rx " + output.toMegahertzText() + " " + line)));
                }
            }
        }
        return new Finding(LineFindings.ONLY_TALK, Field.RECEIVE, Map.of("talk", talk.toString()), fixes);
    }

    private static WorkedAnswer unanswered(String line, List<Finding> findings) {
        return new WorkedAnswer(line, Optional.empty(), List.of(), findings, List.of());
    }
}
