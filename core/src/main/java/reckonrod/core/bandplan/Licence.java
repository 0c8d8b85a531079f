package reckonrod.core.bandplan;

import java.util.List;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.FrequencyRange;

/**
 * What one class of licence may talk on: its talk windows.
 *
 * @param name what the class is called here, such as {@code full}
 * @param talkWindows the stretches it covers, each inside a band of the plan
 * @param practice what the windows rest on
 */
public record Licence(String name, List<FrequencyRange> talkWindows, String practice) {
    public Licence {
        talkWindows = List.copyOf(talkWindows);
    }

    /** Whether the frequency is in one of the windows. */
    public boolean covers(Frequency frequency) {
        for (FrequencyRange window : talkWindows) {
            if (window.contains(frequency)) {
                return true;
            }
        }
        return false;
    }
}
