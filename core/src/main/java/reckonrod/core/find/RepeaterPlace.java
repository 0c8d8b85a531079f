package reckonrod.core.find;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.reach.Reach;
import reckonrod.core.reach.Station;

/**
 * A repeater as one end of a path, with what had to be assumed because its entry does not say it.
 *
 * @param place where and what it is
 * @param assumed what was assumed, in words; empty if nothing was
 */
public record RepeaterPlace(Reach.Place place, List<String> assumed) {
    /** Height of an antenna above the ground where none is published, in metres. */
    public static final double USUAL_ANTENNA_METRES = 15;

    /** Power where none is published, in watts. */
    public static final double USUAL_WATTS = 25;

    /** Gain of a repeater's antenna less its feeder, which no directory publishes, in dBi. */
    public static final double USUAL_GAIN = 3;

    public RepeaterPlace {
        assumed = List.copyOf(assumed);
    }

    /** The place of an entry; absent if the entry has no position. */
    public static Optional<RepeaterPlace> of(DirectoryEntry entry) {
        return entry.site().position().map(position -> {
            List<String> assumed = new ArrayList<>();
            OptionalDouble antenna = entry.site().antennaMetres();
            OptionalDouble watts = entry.signal().watts();
            if (antenna.isEmpty()) {
                assumed.add("antenna " + Math.round(USUAL_ANTENNA_METRES) + " m above the ground");
            }
            if (watts.isEmpty()) {
                assumed.add("power " + Math.round(USUAL_WATTS) + " W");
            }
            assumed.add("gain " + Math.round(USUAL_GAIN) + " dBi after its feeder");
            Station station = Station.of(antenna.orElse(USUAL_ANTENNA_METRES), USUAL_GAIN, watts.orElse(USUAL_WATTS));
            return new RepeaterPlace(
                    new Reach.Place(position, station, entry.site().groundMetres()), assumed);
        });
    }
}
