package reckonrod.core.keying;

import java.util.List;
import java.util.Optional;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Raster;
import reckonrod.core.panel.Panel;
import reckonrod.core.radio.BandLimit;
import reckonrod.core.radio.Limits;

/** Which frequencies are dialled by whole kilohertz: the steps of the radio add the rest. */
final class Tuning {
    /** No two frequencies of any raster lie nearer to each other, in hertz. */
    private static final int QUARTER = 250;

    private final Limits limits;
    private final Panel panel;

    Tuning(Limits limits, Panel panel) {
        this.limits = limits;
        this.panel = panel;
    }

    /** What is listened to; absent where the radio has no step there. */
    Optional<Frequency> received(long hertz) {
        return tuned(limits.receive(), hertz);
    }

    /** What is talked on; absent where the radio has no step there, or does not talk. */
    Optional<Frequency> talked(long hertz) {
        return tuned(limits.transmit(), hertz);
    }

    /** The kilohertz that were typed, with the rest that the steps of the radio add: 145.312 becomes 145.3125. */
    private static Optional<Frequency> tuned(List<BandLimit> bands, long hertz) {
        for (BandLimit band : bands) {
            for (Raster step : band.steps()) {
                for (long rest = 0; rest < Choices.KILOHERTZ; rest += QUARTER) {
                    Frequency frequency = step.nearest(Frequency.ofHertz(hertz + rest));
                    if (frequency.hertz() >= hertz
                            && frequency.hertz() < hertz + Choices.KILOHERTZ
                            && band.contains(frequency)) {
                        return Optional.of(frequency);
                    }
                }
            }
        }
        return Optional.empty();
    }

    /** The digits by which a frequency is dialled; absent where none do. */
    Optional<String> digits(Frequency frequency) {
        long kilohertz = frequency.hertz() / Choices.KILOHERTZ;
        String text = Choices.padded(kilohertz, panel.digits().frequency());
        return tuned(limits.receive(), kilohertz * Choices.KILOHERTZ)
                .filter(frequency::equals)
                .filter(same -> text.length() == panel.digits().frequency())
                .map(same -> text);
    }
}
