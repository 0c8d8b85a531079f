package reckonrod.server.fit;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.UUID;
import reckonrod.core.fit.FitMark;
import reckonrod.core.fit.FitReport;
import reckonrod.core.fit.Placement;
import reckonrod.server.arrange.ListView;

/** A list fitted to a radio, on the wire. */
record FitReportView(
        String radioId,
        UUID listId,
        long listVersion,
        int exact,
        int adapted,
        int byHand,
        int leftOut,
        List<PlacementView> placements) {
    /** What becomes of one channel. */
    record PlacementView(
            int slot,
            UUID channelId,
            String label,
            ListView.Mark mark,
            List<ListView.ReasonView> reasons,
            @Schema(nullable = true) SlotView content) {
        static PlacementView of(Placement placement) {
            return new PlacementView(
                    placement.slot(),
                    placement.entry().id(),
                    placement.entry().channel().label(),
                    ListView.Mark.of(placement.mark()),
                    ListView.RowFit.reasons(placement),
                    placement.content().map(SlotView::of).orElse(null));
        }
    }

    static FitReportView of(String radioId, UUID listId, long listVersion, FitReport report) {
        return new FitReportView(
                radioId,
                listId,
                listVersion,
                report.totals().get(FitMark.EXACT),
                report.totals().get(FitMark.ADAPTED),
                report.totals().get(FitMark.BY_HAND),
                report.totals().get(FitMark.LEFT_OUT),
                report.placements().stream().map(PlacementView::of).toList());
    }
}
