package reckonrod.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.SegmentUse;
import reckonrod.core.bandplan.Service;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Emission;
import reckonrod.core.finding.Edit;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Fix;
import reckonrod.core.finding.Severity;
import reckonrod.core.frequency.Raster;

/** Looks for an emission that does not belong where the channel is. */
final class EmissionCheck implements ChannelRule {
    static final FindingKind AM_OUTSIDE = new FindingKind(
            "am-outside-air-band",
            Severity.DOUBT,
            "AM is set at {listen}, which is not in the air band.",
            "Outside the air band speech on these frequencies is FM; an AM receiver hears it distorted or not at all.");
    static final FindingKind FM_INSIDE = new FindingKind(
            "fm-in-air-band",
            Severity.DOUBT,
            "{emission} is set at {listen}, in the air band.",
            "Aircraft speak AM; an FM receiver hears noise.");
    static final FindingKind WIDE_ON_NARROW = new FindingKind(
            "wide-on-narrow-raster",
            Severity.NOTE,
            "FM is set at {listen}, a channel of the {raster} raster of {band}.",
            "Channels so close need narrow FM; a wide signal spills into the neighbours. Ask what is used locally.");

    private static final long NARROW_HERTZ = 12_500;

    @Override
    public List<Finding> check(Channel channel, BandPlan plan) {
        boolean amplitude = channel.emission() == Emission.AM;
        Optional<Service> service = plan.serviceAt(channel.receive());
        boolean airBand =
                service.map(each -> each.emission().equals(Emission.AM.name())).orElse(false);
        if (amplitude != airBand
                && (airBand
                        || service.isPresent()
                        || plan.bandAt(channel.receive()).isPresent())) {
            Emission usual = airBand ? Emission.AM : Emission.FM;
            Map<String, String> facts = Map.of(
                    "listen",
                    channel.receive().toString(),
                    "emission",
                    channel.emission().name());
            return List.of(
                    new Finding(airBand ? FM_INSIDE : AM_OUTSIDE, Field.EMISSION, facts, List.of(use(channel, usual))));
        }
        List<Finding> findings = new ArrayList<>();
        boolean satellite = plan.useAt(channel.receive()).equals(Optional.of(SegmentUse.SATELLITE));
        if (channel.emission() == Emission.FM && channel.transmit().isPresent() && !satellite) {
            plan.bandAt(channel.receive())
                    .ifPresent(band -> narrowRaster(channel, band)
                            .ifPresent(raster -> findings.add(new Finding(
                                    WIDE_ON_NARROW,
                                    Field.EMISSION,
                                    Map.of(
                                            "listen", channel.receive().toString(),
                                            "raster", raster.toString(),
                                            "band", band.name()),
                                    List.of(use(channel, Emission.NFM))))));
        }
        return findings;
    }

    /** The widest raster of the band that the channel is on, if that is a narrow one. */
    private static Optional<Raster> narrowRaster(Channel channel, Band band) {
        return band.rasters().stream()
                .filter(raster -> raster.contains(channel.receive()))
                .findFirst()
                .filter(raster -> raster.isAtMost(NARROW_HERTZ) && raster != Raster.KHZ_5 && raster != Raster.KHZ_10);
    }

    private static Fix use(Channel channel, Emission emission) {
        return new Fix("Use " + emission, new Edit.ReplaceChannel(channel.withEmission(emission)));
    }
}
