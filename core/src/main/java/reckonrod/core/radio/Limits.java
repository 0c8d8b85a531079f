package reckonrod.core.radio;

import java.util.List;
import reckonrod.core.channel.Emission;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.FrequencyRange;
import reckonrod.core.frequency.Raster;
import reckonrod.core.list.SlotRange;
import reckonrod.core.tone.ReversedTone;
import reckonrod.core.tone.Tone;
import reckonrod.core.tone.ToneTable;

/**
 * What a radio can hold.
 *
 * @param slots its memory slots
 * @param name the names it can show
 * @param receive the stretches it can listen on
 * @param transmit the stretches it can talk on, by its hardware
 * @param rasters the steps it can tune
 * @param emissions the modulations it has
 * @param tones the tones it has, in the order of its menus
 * @param power its power levels, highest first
 */
public record Limits(
        SlotRange slots,
        NameRule name,
        List<FrequencyRange> receive,
        List<FrequencyRange> transmit,
        List<Raster> rasters,
        List<Emission> emissions,
        ToneTable tones,
        List<PowerLevel> power) {
    public Limits {
        receive = List.copyOf(receive);
        transmit = List.copyOf(transmit);
        rasters = List.copyOf(rasters);
        emissions = List.copyOf(emissions);
        power = List.copyOf(power);
    }

    /** Whether it can listen there. */
    public boolean receives(Frequency frequency) {
        return receive.stream().anyMatch(range -> range.contains(frequency));
    }

    /** Whether its hardware can talk there. */
    public boolean transmits(Frequency frequency) {
        return transmit.stream().anyMatch(range -> range.contains(frequency));
    }

    /** Whether it can send and wait for the tone. No layout here has a place for a reversed one yet. */
    public boolean has(Tone tone) {
        return !(tone instanceof ReversedTone) && tones.contains(tone);
    }

    /** Whether one of its steps reaches the frequency. */
    public boolean tunes(Frequency frequency) {
        return rasters.stream().anyMatch(raster -> raster.contains(frequency));
    }
}
