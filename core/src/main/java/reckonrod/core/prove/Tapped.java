package reckonrod.core.prove;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import reckonrod.core.fieldlog.Seen;

/**
 * What was tapped into the log while a channel was tried, as far as it says something of the cause.
 *
 * @param seen what was tapped
 * @param answered what the person answered besides, which outweighs the taps
 */
public record Tapped(Set<Seen> seen, Map<String, String> answered) {
    private static final String PRESS = "press";
    private static final Set<Seen> SENT_AS_EXPECTED = Set.of(Seen.LIGHT, Seen.SHOWN);

    public Tapped {
        seen = Set.copyOf(seen);
        answered = new LinkedHashMap<>(answered);
    }

    /** All answers that are known by now, those that were tapped first. */
    public Map<String, String> answers() {
        Map<String, String> all = new LinkedHashMap<>();
        if (seen.containsAll(SENT_AS_EXPECTED)) {
            all.put(PRESS, "expected");
        }
        all.putAll(answered);
        return all;
    }

    /** The taps on which an answer rests; empty if the person gave it. */
    public Set<Seen> behind(String question) {
        return question.equals(PRESS) && !answered.containsKey(PRESS) && seen.containsAll(SENT_AS_EXPECTED)
                ? SENT_AS_EXPECTED
                : Set.of();
    }

    /** The circumstances that hold by it. The light alone does not say on which frequency, so that is still to be asked. */
    public Set<String> circumstances() {
        return seen.contains(Seen.LIGHT) && !answers().containsKey(PRESS) ? Set.of("light-came-on") : Set.of();
    }
}
