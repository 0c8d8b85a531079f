package reckonrod.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.ShiftRule;
import reckonrod.core.channel.Channel;
import reckonrod.core.frequency.Frequency;

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
        List<BandStrip> strips = new ArrayList<>();
        for (Band band : plan.bands()) {
            Optional<Frequency> listen = Optional.of(channel.receive()).filter(band.range()::contains);
            Optional<Frequency> talk = channel.transmit().filter(band.range()::contains);
            if (listen.isPresent() || talk.isPresent()) {
                strips.add(new BandStrip(band, listen, talk, rule(band, channel)));
            }
        }
        return List.copyOf(strips);
    }

    private static Optional<ShiftRule> rule(Band band, Channel channel) {
        return band.rulesFor(channel.receive()).stream()
                .filter(each -> channel.shift().equals(Optional.of(each.shift())))
                .findFirst();
    }
}
