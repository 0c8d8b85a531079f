package reckonrod.core.exchange;

import java.util.HashMap;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import reckonrod.core.fit.FitReport;
import reckonrod.core.image.SlotReading;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListComparison;
import reckonrod.core.list.ListEntry;
import reckonrod.core.radio.RadioSlot;

/** What a radio holds, seen from a list: what it holds as it would be written from the list is no difference. */
public final class SeenInRadio {
    private SeenInRadio() {}

    /**
     * The list of what a radio holds. A channel that the radio holds just as it would hold one's own is one's own, with all that the
     * radio has no room for: the whole name, a power level that it lacks.
     *
     * @param own one's own list
     * @param fitted that list fitted to the radio
     * @param held what the radio holds, as a list
     * @param readings the same as the radio has it, by slot
     */
    public static ChannelList list(
            ChannelList own, FitReport fitted, ChannelList held, Map<Integer, SlotReading> readings) {
        Map<UUID, RadioSlot> wanted = new HashMap<>();
        fitted.placements()
                .forEach(each -> each.content()
                        .ifPresent(content -> wanted.put(each.entry().id(), content)));
        Map<UUID, ListComparison.Side> partners = ListComparison.partners(own, held);
        NavigableMap<Integer, ListEntry> entries = new TreeMap<>(held.entries());
        own.entries().values().forEach(entry -> {
            ListComparison.Side there = partners.get(entry.id());
            if (there != null
                    && wanted.containsKey(entry.id())
                    && readings.get(there.slot())
                            .content()
                            .filter(content -> same(content, wanted.get(entry.id())))
                            .isPresent()) {
                entries.put(there.slot(), there.entry().withChannel(entry.channel(), entry.line()));
            }
        });
        return held.byPlan(held.bandPlanId(), held.licence(), entries);
    }

    /** Banks and scan are no part of what is compared. */
    private static boolean same(RadioSlot one, RadioSlot other) {
        return one.scanned(true, Set.of()).equals(other.scanned(true, Set.of()));
    }
}
