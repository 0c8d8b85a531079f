package reckonrod.server.plans;

import java.util.List;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.bandplan.Licence;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Raster;
import reckonrod.server.plans.PlanStore.PlanFile;

/** A band plan with all that it says, and the text of its file. */
record PlanFileView(
        PlanView plan,
        long version,
        String yaml,
        List<BandView> bands,
        List<LicenceView> licences,
        List<ServiceView> services) {
    /** A band, with its edges in hertz to be drawn. */
    record BandView(
            String name,
            long lowerHz,
            long upperHz,
            String range,
            String rasters,
            String calling,
            List<SegmentRow> segments,
            List<RuleRow> rules) {}

    /** A stretch of a band. */
    record SegmentRow(long lowerHz, long upperHz, String range, String use) {}

    /** A shift rule; {@code localOption} when another rule covers some of its outputs with another shift. */
    record RuleRow(String outputs, String shift, String practice, boolean localOption) {}

    /** A class of licence. */
    record LicenceView(String name, List<String> talk, String practice) {}

    /** A service that is never talked on. */
    record ServiceView(String name, String range, String emission) {}

    static PlanFileView of(PlanFile file, BandPlans shipped) {
        BandPlan plan = file.plan();
        return new PlanFileView(
                PlanView.of(plan, shipped),
                file.version(),
                file.yaml(),
                plan.bands().stream().map(PlanFileView::band).toList(),
                plan.licences().stream().map(PlanFileView::licence).toList(),
                plan.services().stream()
                        .map(each -> new ServiceView(each.name(), words(each.range()), each.emission()))
                        .toList());
    }

    private static BandView band(Band band) {
        return new BandView(
                band.name(),
                band.range().lower().hertz(),
                band.range().upper().hertz(),
                words(band.range()),
                band.rasters().stream()
                        .map(Raster::toString)
                        .reduce((a, b) -> a + ", " + b)
                        .orElse(""),
                band.calling().stream()
                        .map(Frequency::toMegahertzText)
                        .reduce((a, b) -> a + ", " + b)
                        .orElse(""),
                band.segments().stream()
                        .map(each -> new SegmentRow(
                                each.range().lower().hertz(),
                                each.range().upper().hertz(),
                                words(each.range()),
                                each.use().words()))
                        .toList(),
                band.shiftRules().stream()
                        .map(each -> new RuleRow(
                                words(each.outputs()),
                                each.shift().toString(),
                                each.practice(),
                                band.shiftRules().stream()
                                        .anyMatch(other -> !other.shift().equals(each.shift())
                                                && other.outputs().overlaps(each.outputs()))))
                        .toList());
    }

    private static LicenceView licence(Licence licence) {
        return new LicenceView(
                licence.name(),
                licence.talkWindows().stream().map(PlanFileView::words).toList(),
                licence.practice());
    }

    private static String words(reckonrod.core.frequency.FrequencyRange range) {
        return range.lower().equals(range.upper())
                ? range.lower().toMegahertzText()
                : range.toString().replace('-', '–');
    }
}
