package reckonrod.core.take;

import java.util.List;
import java.util.Optional;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListChange;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.NameRecipe;

/** A list for a trip: everything of the home list stays where it is, and the channels of the way follow as a block. */
public final class TripList {
    private TripList() {}

    /**
     * Makes it; a home list without a run of free slots that is long enough gets as many more as the way needs.
     *
     * @param home stays as it is
     * @param name of the new list and of the block in it
     * @param recipe how the channels of the way are named
     * @param way the channels of the way, in driving order
     * @param plan the plan that the list goes by
     */
    public static ListChange of(ChannelList home, String name, NameRecipe recipe, List<ListEntry> way, BandPlan plan) {
        // What home is for is not what the trip is for.
        ChannelList trip = home.meant(home.intent().meant(""));
        return made(trip.copyNamed(name, 0), name, recipe, way, plan)
                .<ListChange>fold(
                        made -> made, full -> made(trip.copyNamed(name, way.size()), name, recipe, way, plan));
    }

    private static ListChange made(
            ChannelList list, String name, NameRecipe recipe, List<ListEntry> way, BandPlan plan) {
        return TakenNames.taking(list, recipe, Optional.of(name), list.slots().first(), way, plan)
                .applyTo(list);
    }
}
