package reckonrod.server.reckon;

import java.util.List;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.server.problem.ProblemException;

/** Finds band plans by the id in a request. */
@Component
public class PlanLookup {
    private final BandPlans plans;

    PlanLookup(BandPlans plans) {
        this.plans = plans;
    }

    /** All plans. */
    public List<BandPlan> all() {
        return List.copyOf(plans.all());
    }

    /** The plan of that id; another id is a problem that names the plans there are. */
    public BandPlan plan(String id) {
        return plans.find(id)
                .orElseThrow(() -> ProblemException.refused(
                        "band-plan-unknown",
                        "Unknown band plan",
                        "\"" + id + "\" is no band plan here; there are "
                                + plans.all().stream().map(BandPlan::id).collect(Collectors.joining(", ")) + "."));
    }
}
