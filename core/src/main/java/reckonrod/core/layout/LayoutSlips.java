package reckonrod.core.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.radio.BandLimit;
import reckonrod.core.radio.Limits;

/** What a layout can be read with, and by which a radio would yet hold something else than was meant. */
final class LayoutSlips {
    private LayoutSlips() {}

    static List<String> of(Layout layout) {
        List<String> slips = new ArrayList<>();
        layout.fields().forEach(field -> ofField(field, layout, slips));
        layout.besides()
                .banks()
                .filter(each -> each.free() < 0)
                .ifPresent(
                        each -> slips.add("the number of no slot in a bank must not be negative, was " + each.free()));
        layout.checksums().forEach(each -> {
            if (each.to() >= layout.bytes()) {
                slips.add("a checksum must cover bytes of the memory, 0 to " + (layout.bytes() - 1) + ", was up to "
                        + each.to());
            }
            // They are set in their order, and one that is set later would change what the other has summed.
            layout.checksums().stream()
                    .skip(layout.checksums().indexOf(each) + 1L)
                    .filter(later -> later.place().byteOffset() <= each.to()
                            && later.place().byteOffset() + later.place().bytes() > each.from())
                    .forEach(later -> slips.add(
                            "a checksum that covers another must stand behind it, was in front of that at byte "
                                    + later.place().byteOffset()));
        });
        return slips;
    }

    private static void ofField(Field<?> field, Layout layout, List<String> slips) {
        Limits limits = layout.limits();
        if (field.encoding() instanceof OrNone<?> orNone && orNone.encoding() instanceof FrequencyUnits units) {
            taken(units, orNone.none(), field.place(), limits::transmitting)
                    .ifPresent(
                            each -> slips.add("none must be a number that no talk frequency has, was that of " + each));
        }
        if (field.encoding() instanceof FrequencyUnits units
                && layout.presence() instanceof Presence.ByMark mark
                && mark.used().isEmpty()
                && mark.place().equals(field.place())) {
            taken(units, mark.free(), field.place(), limits::receiving)
                    .ifPresent(each -> slips.add(
                            "the mark of a free slot must be a number that no frequency of a slot has, was that of "
                                    + each));
        }
    }

    private static Optional<Frequency> taken(
            FrequencyUnits units, long raw, BitPlace place, Function<Frequency, Optional<BandLimit>> has) {
        return units.meaning(raw, place.bits()).filter(each -> has.apply(each).isPresent());
    }
}
