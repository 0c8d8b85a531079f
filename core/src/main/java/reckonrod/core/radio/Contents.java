package reckonrod.core.radio;

import java.util.Collections;
import java.util.List;
import java.util.NavigableMap;
import java.util.TreeMap;

/**
 * All that goes into a radio.
 *
 * @param slots what each slot holds, by the radio's own number
 * @param settings what is set once for the whole radio
 */
public record Contents(NavigableMap<Integer, RadioSlot> slots, List<Setting> settings) {
    /**
     * A setting of the radio.
     *
     * @param name what it sets, in words
     * @param value what it is set to, in words
     */
    public record Setting(String name, String value) {}

    public Contents {
        slots = Collections.unmodifiableNavigableMap(new TreeMap<>(slots));
        settings = List.copyOf(settings);
    }
}
