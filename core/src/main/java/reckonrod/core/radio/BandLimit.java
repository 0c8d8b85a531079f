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
 */
public record BandLimit(FrequencyRange range, List<Raster> steps, List<Emission> emissions) {
    public BandLimit {
        steps = List.copyOf(steps);
        emissions = List.copyOf(emissions);
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
