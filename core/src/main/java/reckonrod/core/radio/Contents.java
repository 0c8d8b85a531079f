package reckonrod.core.radio;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;

/**
 * All that goes into a radio.
 *
 * @param slots what each slot holds, by the radio's own number
 * @param banks the slots of each bank in their order, by the radio's number of the bank
 * @param settings what is set once for the whole radio
 */
public record Contents(
        NavigableMap<Integer, RadioSlot> slots, NavigableMap<Integer, List<Integer>> banks, List<Setting> settings) {
    /**
     * A setting of the radio.
     *
     * @param name what it sets, in words
     * @param value what it is set to, in words
     */
    public record Setting(String name, String value) {}

    /** Slots alone. */
    public static Contents of(Map<Integer, RadioSlot> slots) {
        return new Contents(new TreeMap<>(slots), new TreeMap<>(), List.of());
    }

    public Contents {
        slots = Collections.unmodifiableNavigableMap(new TreeMap<>(slots));
        banks = Collections.unmodifiableNavigableMap(new TreeMap<>(banks));
        settings = List.copyOf(settings);
    }
}
