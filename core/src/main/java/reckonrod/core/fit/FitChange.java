package reckonrod.core.fit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * A channel of which a radio would make something else.
 *
 * @param before what it makes of it now
 * @param after what it would make of it
 */
public record FitChange(Placement before, Placement after) {
    /** Whether the radio would make less of it than it does: adapt what is exact, say, or leave it out. */
    public boolean isWorse() {
        return after.mark().compareTo(before.mark()) > 0;
    }

    /** What changes between two fits, by the slots of the first; what is in one of them only is none: another mark, another slot of the radio, or another reason. */
    public static List<FitChange> between(FitReport before, FitReport after) {
        Map<UUID, Placement> then = new HashMap<>();
        after.placements().forEach(each -> then.put(each.entry().id(), each));
        List<FitChange> changes = new ArrayList<>();
        for (Placement now : before.placements()) {
            Placement next = then.get(now.entry().id());
            if (next != null && !saysTheSame(now, next)) {
                changes.add(new FitChange(now, next));
            }
        }
        return changes;
    }

    private static boolean saysTheSame(Placement now, Placement next) {
        return now.mark() == next.mark()
                && now.place().equals(next.place())
                && now.reasons().equals(next.reasons());
    }
}
