package reckonrod.server.arrange;

import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import reckonrod.core.fit.FitChange;
import reckonrod.core.fit.FitMark;
import reckonrod.core.fit.FitReport;
import reckonrod.core.fit.Fitter;
import reckonrod.core.list.ChannelList;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;

/** What a change of a list would change in the radios, before it is made. */
@Component
class FitPreview {
    private static final int MOST_NAMED = 5;

    private final RadioUnits units;
    private final PlanLookup plans;
    private final MadeRows made;

    FitPreview(RadioUnits units, PlanLookup plans, MadeRows made) {
        this.units = units;
        this.plans = plans;
        this.made = made;
    }

    /**
     * A radio that would make something else of the list.
     *
     * @param worse the first of those that it would make less of
     */
    record RadioChangeView(String radio, MarkTotals now, MarkTotals then, List<String> worse) {}

    /** The radios that would make something else of it. */
    List<RadioChangeView> between(ChannelList before, ChannelList after) {
        return units.all().stream().flatMap(unit -> change(unit, before, after)).toList();
    }

    private Stream<RadioChangeView> change(RadioUnit unit, ChannelList before, ChannelList after) {
        FitReport now = made.fit(unit, before, plans.planOf(before));
        // Not by what is remembered of the list: it is not so yet, and may never be.
        FitReport then = new Fitter(unit.definition().model(), plans.planOf(after), unit.carrying()).fit(after);
        List<String> worse = FitChange.between(now, then).stream()
                .filter(FitChange::isWorse)
                .map(each -> each.after().entry().channel().label() + " "
                        + (each.after().mark() == FitMark.LEFT_OUT
                                ? "left out"
                                : each.after().mark() == FitMark.BY_HAND ? "by hand" : "adapted"))
                .limit(MOST_NAMED)
                .toList();
        return worse.isEmpty() && now.totals().equals(then.totals())
                ? Stream.empty()
                : Stream.of(new RadioChangeView(unit.name(), MarkTotals.of(now), MarkTotals.of(then), worse));
    }
}
