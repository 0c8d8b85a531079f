package reckonrod.core.channel;

import java.util.Optional;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;

/**
 * The pair of a channel as a sum that is written out: {@code 145.310}, {@code -0.600}, {@code 144.710}.
 *
 * @param listen the listen frequency in megahertz
 * @param shift the shift in megahertz; {@code simplex} for none, {@code split} where the two lie in different bands, so that a
 *     difference says nothing; empty when it never talks
 * @param talk the talk frequency in megahertz; empty when it never talks
 */
public record PairSum(String listen, String shift, String talk) {
    /** The sum of a channel. */
    public static PairSum of(Channel channel, BandPlan plan) {
        return new PairSum(
                channel.receive().toMegahertzText(),
                shift(channel, plan),
                channel.transmit().map(Frequency::toMegahertzText).orElse(""));
    }

    private static String shift(Channel channel, BandPlan plan) {
        Optional<Shift> shift = channel.shift();
        if (shift.isEmpty() || channel.isSimplex()) {
            return shift.isEmpty() ? "" : "simplex";
        }
        boolean sameBand = plan.bandAt(channel.receive())
                .equals(plan.bandAt(channel.transmit().orElseThrow()));
        return sameBand ? shift.get().toMegahertzText() : "split";
    }
}
