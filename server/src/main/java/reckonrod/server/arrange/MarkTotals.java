package reckonrod.server.arrange;

import reckonrod.core.fit.FitMark;
import reckonrod.core.fit.FitReport;

/** How many channels of a list a radio has with which mark. */
public record MarkTotals(int exact, int adapted, int byHand, int leftOut) {
    /** Those of a fit. */
    public static MarkTotals of(FitReport report) {
        return new MarkTotals(
                report.totals().get(FitMark.EXACT),
                report.totals().get(FitMark.ADAPTED),
                report.totals().get(FitMark.BY_HAND),
                report.totals().get(FitMark.LEFT_OUT));
    }
}
