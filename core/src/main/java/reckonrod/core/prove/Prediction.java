package reckonrod.core.prove;

import java.util.Optional;
import java.util.Set;
import reckonrod.core.air.Hindrance;
import reckonrod.core.air.Margins;

/**
 * What a channel of a radio is expected to do at a place.
 *
 * @param hindrances what stands in the way of a call; empty if nothing does
 * @param margins how well the two hear each other; absent if nobody knows where the repeater stands, or there is none
 */
public record Prediction(Outcome outcome, Set<Hindrance> hindrances, Optional<Margins> margins) {
    static final Prediction NOT_IN_RADIO = of(Outcome.NOT_IN_RADIO);
    static final Prediction NOT_LISTED = of(Outcome.NOT_LISTED);
    static final Prediction DIRECT = of(Outcome.DIRECT);

    private static Prediction of(Outcome outcome) {
        return new Prediction(outcome, Set.of(), Optional.empty());
    }
}
