package reckonrod.core.check;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Emission;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.frequency.Frequency;

/**
 * Looks for signals that spill over the edge of their band. The necessary bandwidth is that of the designations 16K0F3E (wide FM),
 * 11K0F3E (narrow FM) and 6K00A3E (AM) of ITU-R SM.1138.
 */
final class BandEdgeCheck implements ChannelRule {
    static final FindingKind OVER_THE_EDGE = new FindingKind(
            "over-the-band-edge",
            Severity.DOUBT,
            "{talk} is too close to the edge of {band}: {emission} occupies {half} kHz on either side.",
            "Part of the signal falls outside the band. Move away from the edge by at least that much.");

    @Override
    public List<Finding> check(Channel channel, BandPlan plan) {
        Optional<Frequency> talk = channel.transmit();
        Optional<Band> band = talk.flatMap(plan::bandAt);
        if (band.isEmpty()) {
            return List.of();
        }
        long half = halfWidthHertz(channel.emission());
        long hertz = talk.get().hertz();
        boolean over = hertz - half < band.get().range().lower().hertz()
                || hertz + half > band.get().range().upper().hertz();
        return over
                ? List.of(Finding.of(
                        OVER_THE_EDGE,
                        Field.TRANSMIT,
                        Map.of(
                                "talk", talk.get().toString(),
                                "band", band.get().name(),
                                "emission", channel.emission().toString(),
                                "half", String.valueOf(half / 1000.0).replaceAll("\\.0$", ""))))
                : List.of();
    }

    private static long halfWidthHertz(Emission emission) {
        return switch (emission) {
            case FM -> 8_000;
            case NFM -> 5_500;
            case AM -> 3_000;
        };
    }
}
