package reckonrod.core;

import java.util.TreeMap;
import java.util.UUID;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.SlotRange;
import reckonrod.core.notation.Reckoner;

/** Lists for tests, one line a slot from 0 on. */
public final class Lists {
    private Lists() {}

    public static ChannelList of(BandPlan plan, String... lines) {
        TreeMap<Integer, ListEntry> entries = new TreeMap<>();
        for (int slot = 0; slot < lines.length; slot++) {
            entries.put(slot, entry(plan, slot, lines[slot]));
        }
        return ChannelList.empty("Test", plan.id(), new SlotRange(0, 149)).byPlan(plan.id(), "", entries);
    }

    public static ListEntry entry(BandPlan plan, int number, String line) {
        return ListEntry.of(
                new UUID(0, number), Reckoner.reckon(line, plan).channel().orElseThrow(), line);
    }
}
