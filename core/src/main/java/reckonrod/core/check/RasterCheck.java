package reckonrod.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.SegmentUse;
import reckonrod.core.channel.Channel;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Raster;

/** Looks for frequencies between the channels of their band. */
final class RasterCheck implements ChannelRule {
    static final FindingKind OFF_RASTER = new FindingKind(
            "off-raster",
            Severity.DOUBT,
            "{frequency} is on none of the channel spacings of the {band} band ({rasters}).",
            "A digit may have slipped, and many radios cannot tune it.");

    @Override
    public List<Finding> check(Channel channel, BandPlan plan) {
        List<Finding> findings = new ArrayList<>();
        checkOne(channel.receive(), Field.RECEIVE, plan, findings);
        if (channel.isDuplex()) {
            channel.transmit().ifPresent(transmit -> checkOne(transmit, Field.TRANSMIT, plan, findings));
        }
        return findings;
    }

    private static void checkOne(Frequency frequency, Field field, BandPlan plan, List<Finding> findings) {
        plan.bandAt(frequency)
                // A calling frequency is a channel of its own, wherever it lies.
                .filter(band -> !band.onRaster(frequency) && !band.calling().contains(frequency))
                // Satellites move by Doppler and keep to no raster.
                .filter(band -> !plan.useAt(frequency).equals(Optional.of(SegmentUse.SATELLITE)))
                .ifPresent(band -> findings.add(Finding.of(
                        OFF_RASTER,
                        field,
                        Map.of(
                                "frequency", frequency.toString(),
                                "band", band.name(),
                                "rasters",
                                        band.rasters().stream()
                                                .map(Raster::toString)
                                                .collect(Collectors.joining(", "))))));
    }
}
