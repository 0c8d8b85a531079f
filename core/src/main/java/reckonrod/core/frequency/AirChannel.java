package reckonrod.core.frequency;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A channel of the VHF air band, which is named by a figure that is not always its frequency.
 *
 * <p>ICAO Annex 10, Volume V, table 4-1: every 25 kHz holds one name for the 25 kHz channel and three for the channels of
 * 8.33 kHz spacing. 118.000 and 118.005 both mean 118.000 MHz, with 25 kHz and 8.33 kHz; 118.010 means 118.008333 MHz and
 * 118.015 means 118.016667 MHz; 118.020 does not exist.
 *
 * @param name the name as a frequency, a whole multiple of 5 kHz from 118.000 to 136.990 MHz
 */
public record AirChannel(Frequency name) {
    /** The names there are lie in this range. */
    public static final FrequencyRange NAMES = FrequencyRange.parse("118.000-136.990");

    private static final long NAME_STEP = 5_000;
    private static final long BLOCK = 25_000;
    private static final long MISSING = 20_000;

    public AirChannel {
        if (!isNameLike(name) || name.hertz() % BLOCK == MISSING) {
            throw new IllegalArgumentException("Air channel name must be 118.000 to 136.990 in steps of 5 kHz"
                    + " and not end in 20, 45, 70 or 95, was " + name.toMegahertzText());
        }
    }

    /** Whether a figure could be a name, existing or not: in the range and a multiple of 5 kHz. */
    public static boolean isNameLike(Frequency figure) {
        return NAMES.contains(figure) && figure.hertz() % NAME_STEP == 0;
    }

    /** The channel of that name; absent when a name like it does not exist. */
    public static Optional<AirChannel> named(Frequency figure) {
        return isNameLike(figure) && figure.hertz() % BLOCK != MISSING
                ? Optional.of(new AirChannel(figure))
                : Optional.empty();
    }

    /** The existing names next below and above a name that does not exist. */
    public static List<AirChannel> neighbours(Frequency missing) {
        return Stream.of(-NAME_STEP, NAME_STEP)
                .map(step -> Frequency.ofHertz(missing.hertz() + step))
                .flatMap(figure -> named(figure).stream())
                .toList();
    }

    /** The 8.33 kHz channel with that carrier, if it is not the carrier of a 25 kHz channel too. */
    public static Optional<AirChannel> ofNarrowCarrier(Frequency carrier) {
        long block = carrier.hertz() / BLOCK * BLOCK;
        return Stream.of(2 * NAME_STEP, 3 * NAME_STEP)
                .map(step -> Frequency.ofHertz(block + step))
                .flatMap(figure -> named(figure).stream())
                .filter(channel -> channel.carrier().equals(carrier))
                .findFirst();
    }

    /** The frequency to tune, to the nearest hertz. */
    public Frequency carrier() {
        long inBlock = name.hertz() % BLOCK;
        long third = inBlock == 0 ? 0 : inBlock / NAME_STEP - 1;
        return Frequency.ofHertz(name.hertz() - inBlock + (third * BLOCK + 1) / 3);
    }

    /** The spacing of the channel: 25 kHz or 8.33 kHz. */
    public Raster spacing() {
        return name.hertz() % BLOCK == 0 ? Raster.KHZ_25 : Raster.KHZ_8_33;
    }
}
