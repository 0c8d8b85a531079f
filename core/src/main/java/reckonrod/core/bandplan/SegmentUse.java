package reckonrod.core.bandplan;

import java.util.Arrays;
import java.util.stream.Collectors;

/** What a stretch of a band is commonly used for. */
public enum SegmentUse {
    REPEATER_OUTPUT("repeater outputs"),
    REPEATER_INPUT("repeater inputs"),
    SIMPLEX("simplex"),
    CALLING("calling"),
    BEACON("beacons"),
    SATELLITE("satellites"),
    WEAK_SIGNAL("weak signals"),
    DATA("data");

    private final String words;

    SegmentUse(String words) {
        this.words = words;
    }

    /** The use in words, as the screens and the data files say it. */
    public String words() {
        return words;
    }

    static SegmentUse parse(String words) {
        return Arrays.stream(values())
                .filter(use -> use.words.equals(words))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("use must be one of "
                        + Arrays.stream(values()).map(SegmentUse::words).collect(Collectors.joining(", "))
                        + ", was \"" + words + "\""));
    }
}
