package reckonrod.server.fit;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.finding.Finding;
import reckonrod.core.fit.FitMark;
import reckonrod.core.fit.FitReport;
import reckonrod.core.fit.Placement;
import reckonrod.server.arrange.ListView;
import reckonrod.server.reckon.FindingView;

/** A list fitted to a radio, on the wire. */
record FitReportView(
        String radioId,
        UUID listId,
        long listVersion,
        int exact,
        int adapted,
        int byHand,
        int leftOut,
        List<SettingView> settings,
        List<FindingView> wide,
        List<PlacementView> placements) {
    /** What is set once for the whole radio, in words. */
    record SettingView(String name, String value) {}

    /** What becomes of one channel. */
    record PlacementView(
            int slot,
            UUID channelId,
            String label,
            ListView.Mark mark,
            @Schema(nullable = true) Integer place,
            List<ListView.ReasonView> reasons,
            List<FindingView> findings,
            @Schema(nullable = true) SlotView content) {
        static PlacementView of(Placement placement, List<Finding> findings, BandPlan plan) {
            return new PlacementView(
                    placement.slot(),
                    placement.entry().id(),
                    placement.entry().channel().label(),
                    ListView.Mark.of(placement.mark()),
                    placement.place().isPresent() ? placement.place().getAsInt() : null,
                    ListView.RowFit.reasons(placement),
                    findings.stream().map(each -> FindingView.of(each, plan)).toList(),
                    placement.content().map(SlotView::of).orElse(null));
        }
    }

    static FitReportView of(
            String radioId, UUID listId, long listVersion, FitReport report, List<Finding> besides, BandPlan plan) {
        return new FitReportView(
                radioId,
                listId,
                listVersion,
                report.totals().get(FitMark.EXACT),
                report.totals().get(FitMark.ADAPTED),
                report.totals().get(FitMark.BY_HAND),
                report.totals().get(FitMark.LEFT_OUT),
                report.settings().stream()
                        .map(each -> new SettingView(each.name(), each.value()))
                        .toList(),
                Stream.concat(besides.stream(), report.wide().stream())
                        .map(each -> FindingView.of(each, plan))
                        .toList(),
                report.placements().stream()
                        .map(each ->
                                PlacementView.of(each, report.findings().getOrDefault(each.slot(), List.of()), plan))
                        .toList());
    }
}
