package reckonrod.core.radio;

import java.math.BigDecimal;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import reckonrod.core.channel.Power;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.list.SlotRange;

/**
 * What a radio can hold.
 *
 * @param slots its memory slots, by its own numbers
 * @param name the names it can show
 * @param receive the stretches it can listen on
 * @param transmit the stretches it can talk on, by its hardware
 * @param tones its tones
 * @param shift the talk frequencies that it can keep
 * @param listenOnly whether a slot can be kept from talking where the radio talks
 * @param power its power levels, highest first
 * @param scan its banks, and what its scan can do
 * @param home the slot that a key of its own calls, whatever the radio is turned to; absent if there is none
 */
public record Limits(
        SlotRange slots,
        NameRule name,
        List<BandLimit> receive,
        List<BandLimit> transmit,
        ToneLimits tones,
        ShiftLimit shift,
        boolean listenOnly,
        List<PowerLevel> power,
        ScanLimits scan,
        OptionalInt home) {
    public Limits {
        home.ifPresent(slot -> {
            if (!slots.contains(slot)) {
                throw new IllegalArgumentException("home must be one of the slots, " + slots + ", was " + slot);
            }
        });
        receive = List.copyOf(receive);
        transmit = List.copyOf(transmit);
        power = List.copyOf(power);
        requireApart("receive", receive);
        requireApart("transmit", transmit);
    }

    /** A frequency in two stretches would have what the first one has, and nobody would see why. */
    private static void requireApart(String words, List<BandLimit> bands) {
        for (int i = 0; i < bands.size(); i++) {
            for (BandLimit before : bands.subList(0, i)) {
                if (before.contains(bands.get(i).range().lower())
                        || before.contains(bands.get(i).range().upper())
                        || bands.get(i).contains(before.range().lower())) {
                    throw new IllegalArgumentException("stretches of " + words + " must lie apart, were "
                            + before.range().toWords() + " and "
                            + bands.get(i).range().toWords());
                }
            }
        }
    }

    /** The same for a list in which words are abbreviated so besides. */
    public Limits abbreviating(Map<String, String> own) {
        return own.isEmpty()
                ? this
                : new Limits(
                        slots, name.abbreviating(own), receive, transmit, tones, shift, listenOnly, power, scan, home);
    }

    /** What it sends on each of its power levels, in watts. */
    public Map<Power, BigDecimal> watts() {
        Map<Power, BigDecimal> watts = new EnumMap<>(Power.class);
        power.forEach(each -> watts.putIfAbsent(each.level(), each.watts()));
        return watts;
    }

    /** How many banks it has, numbered from 1. */
    public int banks() {
        return scan.banks();
    }

    /** The stretch in which it can listen there. */
    public Optional<BandLimit> receiving(Frequency frequency) {
        return in(receive, frequency);
    }

    /** The stretch in which its hardware can talk there. */
    public Optional<BandLimit> transmitting(Frequency frequency) {
        return in(transmit, frequency);
    }

    private static Optional<BandLimit> in(List<BandLimit> bands, Frequency frequency) {
        // A loop, for every fit of every channel asks here several times.
        for (BandLimit band : bands) {
            if (band.contains(frequency)) {
                return Optional.of(band);
            }
        }
        return Optional.empty();
    }
}
