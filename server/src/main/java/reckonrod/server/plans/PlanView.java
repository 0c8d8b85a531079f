package reckonrod.server.plans;

import java.util.List;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.bandplan.Licence;

/** A band plan in a choice. */
public record PlanView(
        String id,
        String title,
        String shortTitle,
        String practice,
        String status,
        String caution,
        boolean ships,
        List<String> licences) {
    /** The wire form of a plan. */
    public static PlanView of(BandPlan plan, BandPlans shipped) {
        return new PlanView(
                plan.id(),
                plan.title(),
                plan.shortTitle(),
                plan.practice(),
                plan.status(),
                BandPlan.CAUTION,
                shipped.find(plan.id()).isPresent(),
                plan.licences().stream().map(Licence::name).toList());
    }
}
