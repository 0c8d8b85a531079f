package reckonrod.core.fit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.tone.Tone;

/**
 * Whether the people with two radios that got the same list can talk to each other, channel by channel.
 *
 * @param both on which channels they can
 * @param onlyFirst which only the first radio can talk on
 * @param onlySecond which only the second radio can talk on
 * @param hindered which both have and yet do not get on with
 */
public record Together(List<String> both, List<String> onlyFirst, List<String> onlySecond, List<Hindered> hindered) {
    /**
     * A channel that two radios have otherwise.
     *
     * @param channel its name
     * @param why what is not the same
     */
    public record Hindered(String channel, String why) {}

    public Together {
        both = List.copyOf(both);
        onlyFirst = List.copyOf(onlyFirst);
        onlySecond = List.copyOf(onlySecond);
        hindered = List.copyOf(hindered);
    }

    /** Looks at every channel that somebody is to talk on. */
    public static Together of(FitReport first, FitReport second) {
        List<String> both = new ArrayList<>();
        List<String> onlyFirst = new ArrayList<>();
        List<String> onlySecond = new ArrayList<>();
        List<Hindered> hindered = new ArrayList<>();
        Map<UUID, Placement> others = new HashMap<>();
        second.placements().forEach(each -> others.put(each.entry().id(), each));
        for (Placement one : first.placements()) {
            if (one.entry().channel().transmit().isEmpty()) {
                continue;
            }
            String label = one.entry().channel().label();
            Optional<RadioSlot> here = talking(one);
            Optional<RadioSlot> there = talking(others.get(one.entry().id()));
            if (here.isPresent() && there.isPresent()) {
                unlike(here.get(), there.get())
                        .ifPresentOrElse(why -> hindered.add(new Hindered(label, why)), () -> both.add(label));
            } else if (here.isPresent()) {
                onlyFirst.add(label);
            } else if (there.isPresent()) {
                onlySecond.add(label);
            }
        }
        return new Together(both, onlyFirst, onlySecond, hindered);
    }

    private static Optional<RadioSlot> talking(Placement placement) {
        return Optional.ofNullable(placement)
                .flatMap(Placement::content)
                .filter(content -> content.transmit().isPresent());
    }

    /** What keeps two radios apart that both talk on the channel. */
    private static Optional<String> unlike(RadioSlot one, RadioSlot other) {
        if (!one.receive().equals(other.receive()) || !one.transmit().equals(other.transmit())) {
            return Optional.of("the frequencies differ");
        }
        if (one.emission() != other.emission()) {
            return Optional.of(one.emission() + " in one and " + other.emission()
                    + " in the other: the narrow one sounds faint, the wide one harsh");
        }
        return one.receive().equals(one.transmit().orElseThrow())
                ? deaf(one, other).or(() -> deaf(other, one))
                : differently(one.talkTone(), other.talkTone());
    }

    /** Straight from radio to radio, the speaker of one must open for what the other sends. */
    private static Optional<String> deaf(RadioSlot sender, RadioSlot hearer) {
        return hearer.listenTone().opensFor(sender.talkTone())
                ? Optional.empty()
                : Optional.of("one waits for " + hearer.listenTone() + " and the other sends " + sender.talkTone());
    }

    /** By way of a repeater, both must open it. */
    private static Optional<String> differently(Tone one, Tone other) {
        return one.sameOnAir(other)
                ? Optional.empty()
                : Optional.of("one sends " + one + " and the other " + other + ", so one may not open the repeater");
    }
}
