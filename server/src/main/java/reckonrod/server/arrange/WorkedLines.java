package reckonrod.server.arrange;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.notation.WorkedAnswer;

/** What lines gave lately. A line gives the same by the same plan, and of a list with a thousand lines one is edited at a time. */
@Component
class WorkedLines {
    private static final int MOST_LINES = 30_000;
    private static final int MOST_PLANS = 8;

    private final Map<BandPlan, Map<String, WorkedAnswer>> byPlan = new ConcurrentHashMap<>();

    /** What lines give by a plan. */
    Function<String, WorkedAnswer> by(BandPlan plan) {
        if (byPlan.size() > MOST_PLANS) {
            byPlan.clear();
        }
        Map<String, WorkedAnswer> lines = byPlan.computeIfAbsent(plan, any -> new ConcurrentHashMap<>());
        if (lines.size() > MOST_LINES) {
            lines.clear();
        }
        return line -> lines.computeIfAbsent(line, each -> Reckoner.reckon(each, plan));
    }
}
