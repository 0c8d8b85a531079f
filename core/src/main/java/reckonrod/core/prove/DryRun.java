package reckonrod.core.prove;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import reckonrod.core.air.Call;
import reckonrod.core.air.Hindrance;
import reckonrod.core.air.Margins;
import reckonrod.core.air.Repeater;
import reckonrod.core.channel.Power;
import reckonrod.core.find.LowestPower;
import reckonrod.core.fit.Placement;
import reckonrod.core.geography.Position;
import reckonrod.core.radio.RadioModel;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.reach.Verdict;

/** Keys up every channel of a radio before anybody leaves: against the repeaters as the directory has them, over the known ground. */
public final class DryRun {
    private final Map<UUID, Repeater> repeaters;
    private final Paths paths;
    private final Map<Tried, Call> calls = new HashMap<>();
    // By the very model, for its limits are much to compare.
    private final IdentityHashMap<RadioModel, LowestPower.Levels> levels = new IdentityHashMap<>();

    private record Tried(RadioSlot slot, String repeater) {}

    /**
     * A dry run.
     *
     * @param repeaters the repeater of each channel that has one, by the id of the channel
     */
    public DryRun(Map<UUID, Repeater> repeaters, Paths paths) {
        this.repeaters = Map.copyOf(repeaters);
        this.paths = paths;
    }

    /** What becomes of one channel in one radio at one place. */
    public Prediction predict(Placement placement, RadioModel radio, Position here) {
        if (placement.content().isEmpty()) {
            return Prediction.NOT_IN_RADIO;
        }
        RadioSlot slot = placement.content().get();
        Repeater repeater = repeaters.get(placement.entry().id());
        if (repeater == null) {
            return slot.transmit().filter(slot.receive()::equals).isPresent()
                    ? Prediction.DIRECT
                    : Prediction.NOT_LISTED;
        }
        Call call = calls.computeIfAbsent(
                new Tried(slot, repeater.id()), tried -> Call.of(slot, repeater, Margins.NOT_KNOWN));
        return at(call, slot, paths.between(here, radio.kind().word(), watts(radio, slot.power()), repeater));
    }

    private static Prediction at(Call call, RadioSlot slot, Optional<Margins> margins) {
        Set<Hindrance> hindrances = new HashSet<>(call.hindrances());
        margins.filter(each -> each.there() < 0).ifPresent(weak -> hindrances.add(Hindrance.TOO_WEAK_THERE));
        margins.filter(each -> each.here() < 0).ifPresent(weak -> hindrances.add(Hindrance.TOO_WEAK_HERE));
        return new Prediction(outcome(new Call(hindrances), slot, margins), hindrances, margins);
    }

    private static Outcome outcome(Call call, RadioSlot slot, Optional<Margins> margins) {
        if (slot.transmit().isEmpty()) {
            return call.hears() ? Outcome.LISTENS : Outcome.SILENT;
        }
        if (call.isAnswered()) {
            return margins.filter(each -> each.worse() < Verdict.LIKELY.leastMarginDecibels())
                            .isPresent()
                    ? Outcome.PERHAPS
                    : Outcome.OPENS;
        }
        if (call.opens()) {
            return Outcome.UNHEARD;
        }
        return call.hears() ? Outcome.HEARD_ONLY : Outcome.SILENT;
    }

    private BigDecimal watts(RadioModel radio, Power asked) {
        return levels.computeIfAbsent(
                        radio,
                        each -> new LowestPower.Levels(
                                each.kind().word(), each.limits().watts()))
                .at(asked);
    }
}
