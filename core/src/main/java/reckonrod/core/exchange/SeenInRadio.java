package reckonrod.core.exchange;

import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BiPredicate;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.fit.FitReport;
import reckonrod.core.fit.Placement;
import reckonrod.core.image.SlotReading;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.notation.LineWriter;
import reckonrod.core.radio.RadioSlot;

/** What a radio holds, seen from a list: what it holds as it would be written from the list is no difference. */
public final class SeenInRadio {
    private final ChannelList held;
    private final Map<Integer, SlotReading> readings;
    private final BandPlan plan;
    private final NavigableMap<Integer, ListEntry> entries;
    private final Set<Integer> met = new HashSet<>();

    private SeenInRadio(ChannelList held, Map<Integer, SlotReading> readings, BandPlan plan) {
        this.held = held;
        this.readings = readings;
        this.plan = plan;
        this.entries = new TreeMap<>(held.entries());
    }

    /**
     * The list of what a radio holds. A channel that the radio holds just as it would hold one's own is one's own, with all that the
     * radio has no room for: the whole name, a power level that it lacks. One that stands where one's own would, under its name or on
     * its frequency, is one's own as it was changed on the radio.
     *
     * @param own one's own list
     * @param fitted that list fitted to the radio
     * @param held what the radio holds, as a list
     * @param readings the same as the radio has it, by slot
     * @param plan the plan that lines are written by
     */
    public static ChannelList list(
            ChannelList own, FitReport fitted, ChannelList held, Map<Integer, SlotReading> readings, BandPlan plan) {
        SeenInRadio seen = new SeenInRadio(held, readings, plan);
        Map<Placement, RadioSlot> open = new LinkedHashMap<>();
        fitted.placements().stream()
                .filter(each -> own.entries().containsKey(each.slot()))
                .forEach(each -> each.content().ifPresent(content -> open.put(each, content)));
        seen.meetAtTheirPlace(open, SeenInRadio::same);
        seen.meetAnywhere(open);
        seen.meetAtTheirPlace(
                open,
                (there, wanted) -> there.receive().equals(wanted.receive())
                        || there.name().equals(wanted.name()) && !there.name().isEmpty());
        return held.byPlan(held.bandPlanId(), held.licence(), seen.entries);
    }

    private void meetAtTheirPlace(Map<Placement, RadioSlot> open, BiPredicate<RadioSlot, RadioSlot> alike) {
        open.entrySet().removeIf(each -> {
            int place = each.getKey().place().orElse(-1);
            return isOpen(place) && alike.test(content(place), each.getValue()) && meet(place, each.getKey());
        });
    }

    private void meetAnywhere(Map<Placement, RadioSlot> open) {
        Map<RadioSlot, Integer> places = new HashMap<>();
        held.entries().descendingKeySet().stream()
                .filter(this::isOpen)
                .forEach(place -> places.put(bare(content(place)), place));
        open.entrySet().removeIf(each -> {
            Integer place = places.remove(bare(each.getValue()));
            return place != null && meet(place, each.getKey());
        });
    }

    private boolean isOpen(int place) {
        return held.entries().containsKey(place) && !met.contains(place);
    }

    private RadioSlot content(int place) {
        return readings.get(place).content().orElseThrow();
    }

    private boolean meet(int place, Placement own) {
        met.add(place);
        Channel mine = own.entry().channel();
        RadioSlot there = content(place);
        RadioSlot wanted = own.content().orElseThrow();
        if (same(there, wanted)) {
            entries.put(place, ListEntry.of(own.entry().id(), mine, own.entry().line()));
            return true;
        }
        Channel channel = held.entries().get(place).channel();
        if (there.name().equals(wanted.name())) {
            channel = channel.withName(mine.name());
        }
        if (there.power() == wanted.power()) {
            channel = channel.withPower(mine.power());
        }
        entries.put(place, ListEntry.of(own.entry().id(), channel, LineWriter.write(channel, plan)));
        return true;
    }

    private static boolean same(RadioSlot one, RadioSlot other) {
        return bare(one).equals(bare(other));
    }

    /** Banks and scan are no part of what is compared. */
    private static RadioSlot bare(RadioSlot slot) {
        return slot.scanned(true, Set.of());
    }
}
