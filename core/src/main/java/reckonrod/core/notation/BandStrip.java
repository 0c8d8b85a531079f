package reckonrod.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.ShiftRule;
import reckonrod.core.channel.Channel;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;

/**
 * The band that a channel's frequencies lie in, to be drawn.
 *
 * @param band the band
 * @param listen the receive frequency, if it lies in this band
 * @param talk the transmit frequency, if it lies in this band
 * @param rule the shift rule that the pair follows, if one of the band does
 */
public record BandStrip(Band band, Optional<Frequency> listen, Optional<Frequency> talk, Optional<ShiftRule> rule) {
    /** One strip for a pair within a band, two for a pair across bands, none outside the bands. */
    static List<BandStrip> of(Channel channel, BandPlan plan) {
        List<BandStrip> strips = new ArrayList<>(2);
        Optional<Frequency> transmit = channel.transmit();
        for (Band band : plan.bands()) {
            boolean listens = band.range().contains(channel.receive());
            boolean talks = transmit.isPresent() && band.range().contains(transmit.get());
            if (listens || talks) {
                strips.add(new BandStrip(
                        band,
                        listens ? Optional.of(channel.receive()) : Optional.empty(),
                        talks ? transmit : Optional.empty(),
                        rule(band, channel)));
            }
        }
        return List.copyOf(strips);
    }

    private static Optional<ShiftRule> rule(Band band, Channel channel) {
        Optional<Shift> shift = channel.shift();
        for (ShiftRule rule : band.rulesFor(channel.receive())) {
            if (shift.isPresent() && shift.get().equals(rule.shift())) {
                return Optional.of(rule);
            }
        }
        return Optional.empty();
    }
}
