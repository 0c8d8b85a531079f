package reckonrod.core.take;

import java.util.List;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListChange;
import reckonrod.core.list.ListEdit;
import reckonrod.core.list.ListEntry;

/** A list for a trip: everything of the home list stays where it is, and the channels of the way follow as a block. */
public final class TripList {
    private TripList() {}

    /**
     * Makes it; a home list without a run of free slots that is long enough gets as many more as the way needs.
     *
     * @param home stays as it is
     * @param name of the new list and of the block in it
     * @param way the channels of the way, in driving order
     */
    public static ListChange of(ChannelList home, String name, List<ListEntry> way) {
        ListEdit block = new ListEdit.PutBlock(name, home.slots().first(), way);
        return block.applyTo(home.copyNamed(name, 0))
                .<ListChange>fold(made -> made, full -> block.applyTo(home.copyNamed(name, way.size())));
    }
}
