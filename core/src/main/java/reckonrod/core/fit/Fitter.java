package reckonrod.core.fit;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.frequency.Shift;
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
        Map<UUID, OptionalInt> packed = packed(list, wide, limits);
        List<Placement> placements = placements(list, wide, limits, packed, memory);
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
                placements = placements(list, wide, limits, packed, memory);
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
                scanned.findings());
    }

    /** What cannot go in anyway has no say in what is set once for all. */
    private RadioWide wide(ChannelList list) {
        return radio.limits().shift() instanceof ShiftLimit.OncePerBand
                ? RadioWide.of(
                        list.entries().entrySet().stream()
                                .filter(each -> fit(each.getKey(), each.getValue())
                                        .content()
                                        .isPresent())
                                .map(each -> each.getValue().channel())
                                .toList(),
                        radio.limits())
                : RadioWide.NOTHING;
    }

    /** The places of what goes in one behind the other; nothing where they follow from the slots of the list. */
    private Map<UUID, OptionalInt> packed(ChannelList list, RadioWide wide, Limits limits) {
        if (!(carrying.places() instanceof Carrying.Places.Packed)) {
            return Map.of();
        }
        OptionalInt any = OptionalInt.of(InPlaces.anyOf(limits.slots()));
        return InPlaces.packed(
                list.entries().entrySet().stream()
                        .map(each -> fit(each.getKey(), any, each.getValue(), wide, limits))
                        .filter(each -> each.content().isPresent())
                        .toList(),
                limits.slots());
    }

    private List<Placement> placements(
            ChannelList list, RadioWide wide, Limits limits, Map<UUID, OptionalInt> packed, Memory memory) {
        boolean isPacked = carrying.places() instanceof Carrying.Places.Packed;
        OptionalInt any = OptionalInt.of(InPlaces.anyOf(limits.slots()));
        return list.entries().entrySet().stream()
                .map(each -> {
                    ListEntry entry = each.getValue();
                    // What does not go in anyway has no say in the places, and is told its own reasons only.
                    OptionalInt place = isPacked
                            ? packed.getOrDefault(entry.id(), any)
                            : InPlaces.of(carrying.places(), each.getKey());
                    // Most radios carry a list as it is, and are asked thousands of times.
                    Object asked = carrying.equals(Carrying.AS_LISTED)
                            ? List.of(wide, limits.name())
                            : List.of(wide, limits.name(), place, overrule(entry));
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
        Limits limits = radio.limits();
        OptionalInt place = carrying.places() instanceof Carrying.Places.Packed
                ? OptionalInt.of(InPlaces.anyOf(limits.slots()))
                : InPlaces.of(carrying.places(), slot);
        return fit(slot, place, entry, RadioWide.of(List.of(entry.channel()), limits), limits);
    }

    private Placement fit(int slot, OptionalInt place, ListEntry entry, RadioWide wide, Limits limits) {
        Candidate candidate = new Candidate(slot, place, entry, wide, overrule(entry));
        concerns.forEach(concern -> concern.judge(candidate, limits));
        return candidate.placed();
    }
}
