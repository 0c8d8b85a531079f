package reckonrod.core.prove;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import reckonrod.core.air.Margins;
import reckonrod.core.air.Repeater;
import reckonrod.core.find.UsualStation;
import reckonrod.core.geography.Position;
import reckonrod.core.reach.Reach;
import reckonrod.core.reach.Terrain;

/**
 * How well places and repeaters hear each other, each way worked out once: what the watts of a radio change of it, they change
 * everywhere alike.
 */
public final class Paths {
    // Over the sea a single hill between two low antennas may be better than nothing in between, by some 20 dB; what is
    // worse than
    // that by far need not be walked over the ground.
    private static final double HOPELESS_DECIBELS = -40;

    private final Terrain terrain;
    private final Map<Way, Margins> known = new HashMap<>();

    private record Way(Position here, String kind, String repeater) {}

    /** Paths over that ground. */
    public Paths(Terrain terrain) {
        this.terrain = terrain;
    }

    /**
     * How well the two hear each other; absent if nobody knows where the repeater stands.
     *
     * @param kind what the radio is used as, such as {@code handheld}
     * @param watts what it sends
     */
    public Optional<Margins> between(Position here, String kind, BigDecimal watts, Repeater repeater) {
        return repeater.place()
                .map(there -> known.computeIfAbsent(
                                new Way(here, kind, repeater.id()), way -> atOneWatt(here, kind, there, repeater))
                        .louder(10 * Math.log10(watts.doubleValue())));
    }

    private Margins atOneWatt(Position here, String kind, Reach.Place there, Repeater repeater) {
        Reach.Place from = new Reach.Place(here, UsualStation.of(kind, BigDecimal.ONE), terrain.metresAt(here));
        double overSea = Reach.overSeaDecibels(from, there, repeater.output(), repeater.input(), terrain);
        if (overSea < HOPELESS_DECIBELS) {
            return new Margins(overSea, overSea);
        }
        Reach reach = Reach.between(from, there, repeater.output(), repeater.input(), terrain);
        return new Margins(
                reach.heardThere().marginDecibels(), reach.heardHere().marginDecibels());
    }
}
