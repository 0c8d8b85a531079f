package reckonrod.core.radio;

import java.util.List;
import reckonrod.core.channel.Emission;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.FrequencyRange;
import reckonrod.core.frequency.Raster;

/**
 * A stretch that a radio can use, and how.
 *
 * @param range the stretch
 * @param steps the rasters that its dial has there; one of them must reach a frequency
 * @param emissions the modulations that it has there
 * @param byHand those of them that no slot keeps: the person switches to them on the radio
 */
public record BandLimit(FrequencyRange range, List<Raster> steps, List<Emission> emissions, List<Emission> byHand) {
    public BandLimit {
        steps = List.copyOf(steps);
        emissions = List.copyOf(emissions);
        byHand = List.copyOf(byHand);
        if (!emissions.containsAll(byHand) || emissions.size() == byHand.size()) {
            throw new IllegalArgumentException(
                    "by_hand must name some of the emissions and leave one that a slot keeps, was " + byHand + " of "
                            + emissions);
        }
    }

    /** A stretch of which a slot keeps every modulation. */
    public BandLimit(FrequencyRange range, List<Raster> steps, List<Emission> emissions) {
        this(range, steps, emissions, List.of());
    }

    /** The modulations that a slot keeps. */
    public List<Emission> kept() {
        return byHand.isEmpty()
                ? emissions
                : emissions.stream().filter(each -> !byHand.contains(each)).toList();
    }

    /** Whether the stretch has the frequency. */
    public boolean contains(Frequency frequency) {
        return range.contains(frequency);
    }

    /** Whether one of its steps reaches the frequency. */
    public boolean tunes(Frequency frequency) {
        for (Raster step : steps) {
            if (step.contains(frequency)) {
                return true;
            }
        }
        return false;
    }
}
