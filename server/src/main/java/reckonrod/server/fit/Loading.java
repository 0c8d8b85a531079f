package reckonrod.server.fit;

import org.springframework.stereotype.Component;
import reckonrod.core.fit.FitReport;
import reckonrod.core.fit.Fitter;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.list.ChannelList;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.Snapshot;

/** From a list to the image that a radio shall hold. */
@Component
public class Loading {
    private final PlanLookup plans;

    Loading(PlanLookup plans) {
        this.plans = plans;
    }

    /** The list fitted to the unit's model. */
    public FitReport fit(RadioUnit unit, ChannelList list) {
        return new Fitter(unit.definition(), plans.planOf(list)).fit(list);
    }

    /** The image in which the radio holds the list and keeps all else that the snapshot has. */
    public MemoryImage image(RadioUnit unit, Snapshot snapshot, ChannelList list) {
        return new ImageCodec(unit.definition())
                .encode(snapshot.image(), fit(unit, list).contents());
    }
}
