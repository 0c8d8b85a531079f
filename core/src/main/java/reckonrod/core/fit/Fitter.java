package reckonrod.core.fit;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.frequency.Shift;
import reckonrod.core.list.Block;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.radio.Limits;
import reckonrod.core.radio.RadioModel;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.radio.ShiftLimit;

/** Fits channels to one radio: every concern in turn changes what it must, and says why. */
public final class Fitter {
    private final RadioModel radio;
    private final List<Concern> concerns;
    private final Carrying carrying;

    /**
     * A fitter for that radio.
     *
     * @param plan the plan whose talk windows decide where a channel may talk
     */
    public Fitter(RadioModel radio, BandPlan plan) {
        this(radio, plan, Carrying.AS_LISTED);
    }

    /**
     * A fitter for one radio of the person's.
     *
     * @param plan the plan whose talk windows decide where a channel may talk
     * @param carrying at which slots, and what is otherwise in this radio
     */
    public Fitter(RadioModel radio, BandPlan plan, Carrying carrying) {
        this.radio = radio;
        this.carrying = carrying;
        this.concerns = List.of(
                new OverruleConcern(),
                new TalkWindowConcern(plan),
                new PlaceConcern(),
                new FrequencyConcern(),
                new ListenOnlyConcern(),
                new ShiftConcern(),
                new EmissionConcern(),
                new ToneConcern(),
                new NameConcern(),
                new PowerConcern());
    }

    /** Remembers what entries gave before, for who fits a list again and again. */
    public interface Memory {
        /**
         * What an entry gives in its slot.
         *
         * @param wide equal for as long as the same entry gives the same; to be compared and nothing else
         * @param anew fits it
         */
        Placement placement(int slot, ListEntry entry, Object wide, java.util.function.Supplier<Placement> anew);
    }

    /** Fits every entry of a list. */
    public FitReport fit(ChannelList list) {
        return fit(list, (slot, entry, wide, anew) -> anew.get());
    }

    /** The same for who remembers what entries gave before. */
    public FitReport fit(ChannelList list, Memory memory) {
        Limits limits = radio.limits().abbreviating(list.intent().abbreviations());
        RadioWide wide = wide(list);
        InPlaces inPlaces = new InPlaces(carrying, list.blocks(), limits.slots());
        Map<UUID, Place> places = places(list, inPlaces, wide, limits);
        List<Placement> placements = placements(list, inPlaces, wide, limits, places, memory);
        if (radio.limits().shift() instanceof ShiftLimit.Steps steps) {
            List<Placement> separate = placements.stream()
                    .filter(each -> each.content()
                            .filter(slot -> isSeparate(slot, steps))
                            .isPresent())
                    .toList();
            if (separate.size() > steps.separate()) {
                wide = wide.withLastSeparate(
                        steps.separate() == 0
                                ? -1
                                : separate.get(steps.separate() - 1).slot());
                placements = placements(list, inPlaces, wide, limits, places, memory);
            }
        }
        placements = new NamesApart(limits.name(), carrying).apart(placements);
        ScanFit.Result scanned = ScanFit.of(radio, list, placements);
        return new FitReport(
                radio,
                scanned.placements(),
                wide.settings(),
                FitChecks.of(radio, scanned.placements()),
                scanned.banks(),
                scanned.order(),
                Stream.concat(scanned.findings().stream(), unknownBlocks(list)).toList());
    }

    /** A block that was renamed since would go in as if nothing had been said of it. */
    private Stream<Finding> unknownBlocks(ChannelList list) {
        return carrying.blocks().keySet().stream()
                .filter(name ->
                        list.blocks().stream().noneMatch(each -> each.name().equals(name)))
                .sorted()
                .map(name -> Finding.of(PlaceConcern.BLOCK_UNKNOWN, Field.SLOT, Map.of("block", name)));
    }

    /** What cannot go in anyway has no say in what is set once for all. */
    private RadioWide wide(ChannelList list) {
        return radio.limits().shift() instanceof ShiftLimit.OncePerBand
                ? RadioWide.of(
                        list.entries().entrySet().stream()
                                .filter(each -> each.getValue().channel().isDuplex())
                                .filter(each -> fit(each.getKey(), each.getValue(), list.blocks())
                                        .content()
                                        .isPresent())
                                .map(each -> each.getValue().channel())
                                .toList(),
                        radio.limits())
                : RadioWide.NOTHING;
    }

    /** The places of what goes in; nothing where each follows from the slot in the list. */
    private Map<UUID, Place> places(ChannelList list, InPlaces inPlaces, RadioWide wide, Limits limits) {
        return inPlaces.oneHasASayInAnother()
                ? inPlaces.of(list.entries().entrySet().stream()
                        .map(each -> fit(each.getKey(), inPlaces.any(), each.getValue(), wide, limits))
                        .filter(each -> each.content().isPresent())
                        .toList())
                : Map.of();
    }

    private List<Placement> placements(
            ChannelList list,
            InPlaces inPlaces,
            RadioWide wide,
            Limits limits,
            Map<UUID, Place> places,
            Memory memory) {
        // Most radios carry a list as it is, and are asked thousands of times.
        boolean asListed = carrying.equals(Carrying.AS_LISTED);
        Object always = List.of(wide, limits.name());
        return list.entries().entrySet().stream()
                .map(each -> {
                    ListEntry entry = each.getValue();
                    // What does not go in anyway has no say in the places, and is told its own reasons only.
                    Place place =
                            Optional.ofNullable(places.get(entry.id())).orElseGet(() -> inPlaces.alone(each.getKey()));
                    Object asked = asListed ? always : List.of(wide, limits.name(), place, overrule(entry));
                    return memory.placement(
                            each.getKey(), entry, asked, () -> fit(each.getKey(), place, entry, wide, limits));
                })
                .toList();
    }

    private Optional<Carrying.Overrule> overrule(ListEntry entry) {
        return carrying.overrule(entry.id());
    }

    private static boolean isSeparate(RadioSlot slot, ShiftLimit.Steps steps) {
        return slot.transmit()
                .filter(talk -> !steps.has(Shift.between(slot.receive(), talk)))
                .isPresent();
    }

    /** Fits one entry by itself, as if it were the only one of its list. */
    public Placement fit(int slot, ListEntry entry) {
        return fit(slot, entry, List.of());
    }

    /** The same in a list with these blocks, which may go into the radio in their own ways. */
    public Placement fit(int slot, ListEntry entry, List<Block> blocks) {
        Limits limits = radio.limits();
        Place place = new InPlaces(carrying, blocks, limits.slots()).alone(slot);
        return fit(slot, place, entry, RadioWide.of(List.of(entry.channel()), limits), limits);
    }

    private Placement fit(int slot, Place place, ListEntry entry, RadioWide wide, Limits limits) {
        Candidate candidate = new Candidate(slot, place, entry, wide, overrule(entry));
        concerns.forEach(concern -> concern.judge(candidate, limits));
        return candidate.placed();
    }
}
