package reckonrod.server.fit;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import reckonrod.core.fit.FitReport;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.WritePlan;
import reckonrod.core.list.ChannelList;
import reckonrod.server.arrange.MadeRows;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;
import reckonrod.server.radios.Snapshot;

/** From a list to the image that a radio shall hold. */
@Component
public class Loading {
    private final PlanLookup plans;
    private final RadioUnits units;
    private final MadeRows made;

    Loading(PlanLookup plans, RadioUnits units, MadeRows made) {
        this.made = made;
        this.plans = plans;
        this.units = units;
    }

    /** The list fitted to the unit's model. */
    public FitReport fit(RadioUnit unit, ChannelList list) {
        return made.fit(unit, list, plans.planOf(list));
    }

    /** Nothing can be planned against contents that nobody knows. */
    public static ProblemException notRead(RadioUnit unit) {
        return ProblemException.refused(
                "not-read-yet",
                "Read it first",
                unit.unknownSince()
                        .map(since -> "An archive was restored since " + unit.name()
                                + " was last read, so nobody knows what it holds. Read it first.")
                        .orElse(unit.name() + " has not been read yet. Read it first; nothing is written before a"
                                + " snapshot exists."));
    }

    /**
     * What writing a fitted list does to the radio, against a snapshot of it.
     *
     * @param leave the slots that are left as they are; absent for the usual
     * @param settings what settings of the radio shall be set to, by their names
     */
    public WritePlan plan(
            RadioUnit unit,
            Snapshot snapshot,
            FitReport fitted,
            Optional<Set<Integer>> leave,
            Map<String, String> settings) {
        try {
            return WritePlan.of(
                    new ImageCodec(unit.definition()),
                    snapshot.image(),
                    fitted.contents(),
                    units.writtenFromLists(unit.id()),
                    leave,
                    settings);
        } catch (IllegalArgumentException wrong) {
            throw ProblemException.refused("plan-refused", "That cannot be written", wrong.getMessage() + ".");
        }
    }
}
