package reckonrod.server.transfers;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import reckonrod.core.fit.ByHandStep;
import reckonrod.core.fit.FitReport;
import reckonrod.core.image.WritePlan;
import reckonrod.core.load.Loaders;
import reckonrod.server.fit.Loading;
import reckonrod.server.lists.ListStore;
import reckonrod.server.lists.StoredList;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;
import reckonrod.server.radios.Snapshot;

/** Works out what a write shall do, and makes sure that it is what was shown: nothing else is written. */
@Component
class PlannedWrites {
    private final RadioUnits units;
    private final ListStore lists;
    private final Loading loading;

    PlannedWrites(RadioUnits units, ListStore lists, Loading loading) {
        this.units = units;
        this.lists = lists;
        this.loading = loading;
    }

    /**
     * A write that may begin.
     *
     * @param before what the radio was last read to hold
     * @param told what to tell of the channels
     * @param blocks how many blocks go
     * @param slots those whose channels come from a list afterwards
     * @param byHand what is left to do on the radio afterwards
     */
    record Planned(
            RadioUnit unit,
            StoredList list,
            Snapshot before,
            WritePlan plan,
            String told,
            int blocks,
            List<Integer> slots,
            List<ByHandStep> byHand) {}

    /**
     * Plans a write as the person saw it.
     *
     * @throws ProblemException if the radio is half written, or anything is otherwise than when the difference was shown
     */
    Planned plan(RadioUnit unit, TransferController.WriteRequest request) {
        if (unit.halfWritten().isPresent()) {
            throw ProblemException.refused(
                    "half-written",
                    "Half written",
                    unit.name() + " is half written. Put its snapshot back first, so that what it holds is known.");
        }
        if (unit.unknownSince().isPresent()) {
            throw Loading.notRead(unit);
        }
        StoredList list = lists.get(request.listId());
        if (list.version() != request.listVersion()) {
            throw ProblemException.conflict(
                    "changed-elsewhere",
                    "Changed elsewhere",
                    "\"" + list.list().name()
                            + "\" was changed since this difference was shown. Nothing was written; look at it again.");
        }
        Snapshot snapshot = units.snapshot(unit.id(), request.snapshotId());
        FitReport fitted = loading.fit(unit, list.list());
        WritePlan plan = loading.plan(
                unit,
                snapshot,
                fitted,
                Optional.ofNullable(request.leave()).map(Set::copyOf),
                Optional.ofNullable(request.settings()).orElse(Map.of()));
        if (request.planned() != null && !request.planned().equals(plan.image().digest())) {
            throw ProblemException.conflict(
                    "planned-otherwise",
                    "Something else would be written",
                    "How " + unit.name()
                            + " carries lists, its model or the band plan was changed since this difference was shown. Nothing"
                            + " was written; look at it again.");
        }
        requireMeant(unit, plan, Optional.ofNullable(request.takesAway()).orElse(0));
        return new Planned(
                unit,
                list,
                snapshot,
                plan,
                fitted.told() + left(plan) + set(plan),
                Loaders.estimate(unit.definition(), snapshot.image(), plan.image())
                        .blocks(),
                List.copyOf(plan.fromListsAfterwards(fitted.contents().slots().keySet())),
                ByHandStep.of(unit.definition().settingsByHand(), fitted));
    }

    /** Nothing goes from a radio that the person was not shown to go. */
    private static void requireMeant(RadioUnit unit, WritePlan plan, int meant) {
        if (plan.loses() != meant) {
            throw ProblemException.conflict(
                    "loss-not-meant",
                    "More would go than was meant",
                    "Writing takes " + plan.loses() + (plan.loses() == 1 ? " channel of " : " channels of ")
                            + unit.name()
                            + " away, and takesAway says "
                            + meant + ". Nothing was written; look at the difference again.");
        }
    }

    private static String set(WritePlan plan) {
        return plan.settings().isEmpty()
                ? ""
                : " Set: "
                        + plan.settings().stream()
                                .map(each -> each.setting().name() + " " + each.after())
                                .collect(Collectors.joining(", "))
                        + ".";
    }

    private static String left(WritePlan plan) {
        int kept = plan.keptOfTheRadio();
        return kept == 0 ? "" : " " + kept + (kept == 1 ? " channel" : " channels") + " of the radio's own stayed.";
    }
}
