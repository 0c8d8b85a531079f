package reckonrod.core.fit;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import reckonrod.core.channel.Channel;
import reckonrod.core.frequency.FrequencyRange;
import reckonrod.core.frequency.Shift;
import reckonrod.core.radio.BandLimit;
import reckonrod.core.radio.Contents.Setting;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.ShiftLimit;

/**
 * What a list as a whole makes of a radio, because it is set or counted once for all of its slots.
 *
 * @param shiftSizes for a radio with one shift size a band: the size that most channels need, by the stretch talked in
 * @param lastSeparate the last slot that still gets a talk frequency of its own; absent while there are enough
 */
record RadioWide(Map<FrequencyRange, Shift> shiftSizes, OptionalInt lastSeparate) {
    static final RadioWide NOTHING = new RadioWide(Map.of(), OptionalInt.empty());

    RadioWide {
        shiftSizes = Map.copyOf(shiftSizes);
    }

    static RadioWide of(Collection<Channel> channels, Limits limits) {
        if (!(limits.shift() instanceof ShiftLimit.OncePerBand once)) {
            return NOTHING;
        }
        Map<FrequencyRange, Shift> sizes = new LinkedHashMap<>();
        for (BandLimit band : limits.transmit()) {
            most(channels, band, once).ifPresent(size -> sizes.put(band.range(), size));
        }
        return new RadioWide(sizes, OptionalInt.empty());
    }

    /** The size that most of them need; of two that are as common, the one that comes first. */
    private static Optional<Shift> most(Collection<Channel> channels, BandLimit band, ShiftLimit.OncePerBand once) {
        Map<Shift, Integer> counts = new LinkedHashMap<>();
        for (Channel channel : channels) {
            channel.transmit()
                    .filter(band::contains)
                    .flatMap(talk -> channel.shift())
                    .map(shift -> Shift.ofHertz(shift.sizeHertz()))
                    .filter(size -> size.hertz() > 0 && once.has(size))
                    .ifPresent(size -> counts.merge(size, 1, Integer::sum));
        }
        Map.Entry<Shift, Integer> best = null;
        for (Map.Entry<Shift, Integer> each : counts.entrySet()) {
            if (best == null || each.getValue() > best.getValue()) {
                best = each;
            }
        }
        return Optional.ofNullable(best).map(Map.Entry::getKey);
    }

    RadioWide withLastSeparate(int slot) {
        return new RadioWide(shiftSizes, OptionalInt.of(slot));
    }

    /** What is to be set on the radio itself, by rising frequency. */
    List<Setting> settings() {
        return shiftSizes.entrySet().stream()
                .sorted(java.util.Comparator.comparing(each -> each.getKey().lower()))
                .map(each -> new Setting(
                        "shift when talking on " + each.getKey().toWords(),
                        each.getValue().toSizeText()))
                .toList();
    }
}
