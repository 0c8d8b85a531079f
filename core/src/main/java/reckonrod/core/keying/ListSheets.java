package reckonrod.core.keying;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.fit.Placement;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.list.SlotRange;
import reckonrod.core.load.Loaders;
import reckonrod.core.radio.RadioSetting;
import reckonrod.core.radio.RadioSlot;

/**
 * A list keyed into a radio by hand, beside what its link would need.
 *
 * @param machine the panel
 * @param placed what goes into it, by the slot in the radio
 * @param sheets how each is keyed in, by the same
 * @param left what the radio leaves out
 * @param spare how each slot is cleared that only the radio holds, where only differences are keyed in; it stays unless the person wants that
 * @param settings how each setting comes to what is advised
 * @param reset how everything that the radio holds is cleared; without lines if its keys cannot
 * @param linkSeconds how long its link takes for the same; absent if it has none
 */
public record ListSheets(
        PanelMachine machine,
        Map<Integer, Placement> placed,
        Map<Integer, KeySheet> sheets,
        List<Placement> left,
        Map<Integer, KeySheet> spare,
        Map<RadioSetting, KeySheet> settings,
        KeySheet reset,
        Optional<Integer> linkSeconds) {
    /**
     * Works them out. Each slot begins anew, so that a slip in one does no harm to the next.
     *
     * @param radio a model whose keys are known
     * @param read what it was read to hold last; absent if that is not known
     * @param placements those that are keyed in
     */
    public static ListSheets of(RadioDefinition radio, Optional<MemoryImage> read, List<Placement> placements) {
        KeySheets search = new KeySheets(radio);
        PanelState from = read.map(search.machine()::begin).orElseGet(search.machine()::begin);
        return of(search, placements, placement -> true, contents -> search.store(from, contents), Map.of());
    }

    /**
     * Works out only what differs from what the radio was read to hold, each slot by the fewest keys: in place, from the dial, or anew.
     * What only the radio holds stays.
     *
     * @param read what it was read to hold last
     */
    public static ListSheets ofDifferences(RadioDefinition radio, MemoryImage read, List<Placement> placements) {
        KeySheets search = new KeySheets(radio);
        PanelState from = search.machine().begin(read);
        return of(
                search,
                placements,
                each -> search.differs(
                        from, each.place().orElseThrow(), each.content().orElseThrow()),
                contents -> search.change(from, contents),
                spare(search, from, placements));
    }

    private static ListSheets of(
            KeySheets search,
            List<Placement> placements,
            Predicate<Placement> wanted,
            Function<Map<Integer, RadioSlot>, Map<Integer, KeySheet>> keyed,
            Map<Integer, KeySheet> spare) {
        RadioDefinition radio = search.machine().radio();
        Map<Integer, Placement> placed = new TreeMap<>();
        Map<Integer, RadioSlot> contents = new TreeMap<>();
        for (Placement each : placements) {
            each.content().filter(any -> wanted.test(each)).ifPresent(content -> {
                placed.put(each.place().orElseThrow(), each);
                contents.put(each.place().orElseThrow(), content);
            });
        }
        Map<RadioSetting, KeySheet> settings = new LinkedHashMap<>();
        radio.settings()
                .forEach(each -> settings.put(each, search.set(search.machine().begin(), each, each.advised())));
        return new ListSheets(
                search.machine(),
                placed,
                keyed.apply(contents),
                placements.stream().filter(each -> each.content().isEmpty()).toList(),
                spare,
                settings,
                search.reset(search.machine().begin()),
                linkSeconds(radio, contents));
    }

    private static Map<Integer, KeySheet> spare(KeySheets search, PanelState from, List<Placement> placements) {
        Set<Integer> wanted = placements.stream()
                .filter(each -> each.content().isPresent())
                .map(each -> each.place().orElseThrow())
                .collect(Collectors.toSet());
        SlotRange slots = search.machine().radio().limits().slots();
        Map<Integer, KeySheet> spare = new TreeMap<>();
        for (int slot = slots.first(); slot <= slots.last(); slot++) {
            if (!wanted.contains(slot) && search.machine().isInUse(from, slot)) {
                spare.put(slot, search.clear(from, slot));
            }
        }
        return spare;
    }

    private static Optional<Integer> linkSeconds(RadioDefinition radio, Map<Integer, RadioSlot> contents) {
        if (radio.link().isEmpty()) {
            return Optional.empty();
        }
        ImageCodec codec = new ImageCodec(radio);
        return Optional.of(Loaders.estimate(radio, codec.blank(), codec.encode(codec.blank(), contents))
                .seconds());
    }

    /** How many keys are pressed in all. */
    public int presses() {
        return sheets.values().stream().mapToInt(KeySheet::presses).sum();
    }

    /** About how long that takes, in seconds. */
    public int seconds() {
        return sheets.values().stream().mapToInt(KeySheet::seconds).sum();
    }
}
