package reckonrod.core.prove;

import java.math.BigDecimal;
import java.util.Optional;
import reckonrod.core.air.Call;
import reckonrod.core.air.Margins;
import reckonrod.core.air.Repeater;
import reckonrod.core.channel.Emission;
import reckonrod.core.find.UsualStation;
import reckonrod.core.geography.Position;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.reach.Reach;
import reckonrod.core.reach.Terrain;

/** Who hears whom on a channel, from place to place: straight across, and by the channel's repeater. */
public final class WhoHears {
    private final Terrain terrain;
    private final Paths paths;
    private final Optional<Repeater> repeater;

    /**
     * Somebody with a radio at a place.
     *
     * @param slot what the radio holds for the channel
     * @param kind what the radio is used as, such as {@code handheld}
     * @param watts what it sends
     */
    public record Post(RadioSlot slot, String kind, BigDecimal watts, Position here) {}

    /**
     * Whether one is heard by the other.
     *
     * @param by how
     * @param marginDecibels what is to spare on the weaker stretch; negative if nothing is
     */
    public record Heard(By by, double marginDecibels) {}

    /** How somebody is heard. */
    public enum By {
        DIRECT("straight across"),
        REPEATER("by the repeater"),
        NOT("not"),
        /** What one sends is not what the other listens to. */
        APART("not: the two radios hold different channels there"),
        NEVER_TALKS("not: the radio never talks there");

        private final String words;

        By(String words) {
            this.words = words;
        }

        /** In words, as after "hears". */
        public String words() {
            return words;
        }
    }

    /** On a channel with or without a repeater. */
    public WhoHears(Terrain terrain, Paths paths, Optional<Repeater> repeater) {
        this.terrain = terrain;
        this.paths = paths;
        this.repeater = repeater;
    }

    /** Whether the second hears what the first says; straight across where that works, for a repeater may fail. */
    public Heard from(Post talker, Post listener) {
        if (talker.slot().transmit().isEmpty()) {
            return new Heard(By.NEVER_TALKS, Double.NEGATIVE_INFINITY);
        }
        boolean together = understands(talker.slot(), listener.slot());
        double across = together ? across(talker, listener) : Double.NEGATIVE_INFINITY;
        if (across >= 0) {
            return new Heard(By.DIRECT, across);
        }
        double relayed = repeater.map(each -> relayed(talker, listener, each)).orElse(Double.NEGATIVE_INFINITY);
        if (relayed >= 0) {
            return new Heard(By.REPEATER, relayed);
        }
        boolean apart = !together && relayed == Double.NEGATIVE_INFINITY;
        return new Heard(apart ? By.APART : By.NOT, Math.max(across, relayed));
    }

    private static boolean understands(RadioSlot talker, RadioSlot listener) {
        return Call.isOn(talker.transmit().orElseThrow(), listener.receive())
                && (talker.emission() == Emission.AM) == (listener.emission() == Emission.AM)
                && listener.listenTone().opensFor(talker.talkTone());
    }

    private double across(Post talker, Post listener) {
        Reach reach = Reach.between(
                place(talker),
                place(listener),
                listener.slot().receive(),
                talker.slot().transmit().orElseThrow(),
                terrain);
        return reach.heardThere().marginDecibels();
    }

    private Reach.Place place(Post post) {
        return new Reach.Place(post.here(), UsualStation.of(post.kind(), post.watts()), terrain.metresAt(post.here()));
    }

    /** What is to spare by the repeater; without end below where the two do not go together with it. */
    private double relayed(Post talker, Post listener, Repeater by) {
        if (!Call.of(talker.slot(), by, Margins.NOT_KNOWN).opens()
                || !Call.of(listener.slot(), by, Margins.NOT_KNOWN).hears()) {
            return Double.NEGATIVE_INFINITY;
        }
        return Math.min(margins(talker, by).there(), margins(listener, by).here());
    }

    private Margins margins(Post post, Repeater by) {
        return paths.between(post.here(), post.kind(), post.watts(), by).orElse(Margins.NOT_KNOWN);
    }
}
