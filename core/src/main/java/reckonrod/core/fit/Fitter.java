package reckonrod.core.fit;

import java.util.List;
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

    /**
     * A fitter for that radio.
     *
     * @param plan the plan whose talk windows decide where a channel may talk
     */
    public Fitter(RadioModel radio, BandPlan plan) {
        this.radio = radio;
        this.concerns = List.of(
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
        List<Placement> placements = placements(list, wide, limits, memory);
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
                placements = placements(list, wide, limits, memory);
            }
        }
        placements = new NamesApart(limits.name()).apart(placements);
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

    private List<Placement> placements(ChannelList list, RadioWide wide, Limits limits, Memory memory) {
        Object asked = List.of(wide, limits.name());
        return list.entries().entrySet().stream()
                .map(each -> memory.placement(
                        each.getKey(), each.getValue(), asked, () -> fit(each.getKey(), each.getValue(), wide, limits)))
                .toList();
    }

    private static boolean isSeparate(RadioSlot slot, ShiftLimit.Steps steps) {
        return slot.transmit()
                .filter(talk -> !steps.has(Shift.between(slot.receive(), talk)))
                .isPresent();
    }

    /** Fits one entry by itself, as if it were the only one of its list. */
    public Placement fit(int slot, ListEntry entry) {
        return fit(slot, entry, RadioWide.of(List.of(entry.channel()), radio.limits()), radio.limits());
    }

    private Placement fit(int slot, ListEntry entry, RadioWide wide, Limits limits) {
        Candidate candidate = new Candidate(slot, entry, wide);
        concerns.forEach(concern -> concern.judge(candidate, limits));
        return candidate.placed();
    }
}
