package reckonrod.perf;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.fit.Carrying;
import reckonrod.core.fit.Fitter;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.keying.KeySheet;
import reckonrod.core.keying.KeySheets;
import reckonrod.core.keying.PanelState;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.SlotRange;
import reckonrod.core.load.Loaders;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.take.Taking;
import reckonrod.sim.world.World;

/** Measures what a list of a hundred channels costs by hand, and how long the way is searched. */
public final class KeysMeasurement {
    private static final int CHANNELS = 100;

    private KeysMeasurement() {}

    /** Runs it, three times over, the last of which counts. */
    public static void main(String[] arguments) {
        BandPlan plan = BandPlans.shipped().find(BandPlans.USUAL).orElseThrow();
        TreeMap<Integer, ListEntry> channels = new TreeMap<>();
        List<DirectoryEntry> entries = World.shipped().repeaters();
        for (int at = 0; channels.size() < CHANNELS; at++) {
            Optional<Channel> channel = Taking.channel(entries.get(at % entries.size()), plan);
            if (channel.isPresent()) {
                channels.put(at, ListEntry.of(new UUID(0, at), channel.get().withName("CHANNEL " + at), ""));
            }
        }
        ChannelList list =
                ChannelList.empty("Hundred", plan.id(), new SlotRange(0, 999)).byPlan(plan.id(), "", channels);
        for (RadioDefinition radio : RadioDefinitions.shipped().all()) {
            if (radio.panel().isPresent()) {
                for (int run = 0; run < 3; run++) {
                    measure(radio, plan, list);
                }
            }
        }
    }

    private static void measure(RadioDefinition radio, BandPlan plan, ChannelList list) {
        Carrying packed = new Carrying(new Carrying.Places.Packed(), Map.of(), Map.of());
        Map<Integer, RadioSlot> slots =
                new Fitter(radio.model(), plan, packed).fit(list).contents().slots();
        KeySheets search = new KeySheets(radio);
        PanelState first = search.machine().begin();
        long began = System.nanoTime();
        Map<Integer, KeySheet> sheets = search.store(first, slots);
        double millis = (System.nanoTime() - began) / 1e6;
        int presses = sheets.values().stream().mapToInt(KeySheet::presses).sum();
        int seconds = sheets.values().stream().mapToInt(KeySheet::seconds).sum();
        long keyed =
                sheets.values().stream().filter(each -> !each.lines().isEmpty()).count();
        System.out.print(String.format(
                Locale.ROOT,
                "%s: %d of %d channels by keys, %d presses, %d min; %s; %d states in %.0f ms%n",
                radio.title(),
                keyed,
                slots.size(),
                presses,
                seconds / 60,
                byLink(radio, slots),
                search.looked(),
                millis));
    }

    private static String byLink(RadioDefinition radio, Map<Integer, RadioSlot> slots) {
        if (radio.link().isEmpty()) {
            return "it has no link";
        }
        ImageCodec codec = new ImageCodec(radio);
        MemoryImage full = codec.encode(codec.blank(), slots);
        return "by the link " + Loaders.estimate(radio, codec.blank(), full).seconds() + " s";
    }
}
