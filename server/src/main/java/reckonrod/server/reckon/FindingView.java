package reckonrod.server.reckon;

import java.util.List;
import java.util.Locale;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.finding.Edit;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.Fix;
import reckonrod.core.notation.LineWriter;

/** A finding on the wire. Every fix is a line to type instead. */
public record FindingView(
        String code, SeverityView severity, String field, String message, String why, List<FixView> fixes) {
    /** How grave it is. */
    public enum SeverityView {
        error,
        doubt,
        note
    }

    /**
     * A way to mend it.
     *
     * @param label what the button says
     * @param line the line to type instead
     */
    public record FixView(String label, String line) {}

    /** The wire form of a finding. */
    public static FindingView of(Finding finding, BandPlan plan) {
        return new FindingView(
                finding.kind().code(),
                SeverityView.valueOf(finding.kind().severity().name().toLowerCase(Locale.ROOT)),
                finding.field().name().toLowerCase(Locale.ROOT),
                finding.message(),
                finding.why(),
                finding.fixes().stream().map(fix -> fix(fix, plan)).toList());
    }

    private static FixView fix(Fix fix, BandPlan plan) {
        String line = fix.edit() instanceof Edit.RewriteLine rewrite
                ? rewrite.line()
                : LineWriter.write(((Edit.ReplaceChannel) fix.edit()).channel(), plan);
        return new FixView(fix.label(), line);
    }
}
