package reckonrod.core.layout;

import java.util.List;
import java.util.Optional;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.FrequencyRange;
import reckonrod.core.frequency.Shift;

/**
 * The sizes of the shift that a radio has once for each stretch, for all slots that listen in it.
 *
 * @param sizes where each stands
 */
record ShiftSizes(List<Size> sizes) {
    /**
     * The size of one stretch.
     *
     * @param stretch the stretch
     * @param place its bits, counted from the start of the memory
     * @param units how it is written
     */
    record Size(FrequencyRange stretch, BitPlace place, ShiftUnits units) {
        Shift read(byte[] memory) {
            return units.read(new Bits(memory, 0, place));
        }

        void write(byte[] memory, Shift size) {
            units.write(new Bits(memory, 0, place), size);
        }
    }

    ShiftSizes {
        sizes = List.copyOf(sizes);
    }

    /** The size for who listens there; absent outside all stretches. */
    Optional<Size> at(Frequency receive) {
        return sizes.stream().filter(each -> each.stretch.contains(receive)).findFirst();
    }
}
