package reckonrod.core.recipe;

import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.channel.Talk;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;

/** A channel that comes together from the cells of a row. */
final class ChannelDraft {
    String name = "";
    Optional<Frequency> listen = Optional.empty();
    Optional<Frequency> talk = Optional.empty();
    boolean never;
    Optional<Shift> shift = Optional.empty();
    Optional<Shift> size = Optional.empty();
    Optional<Frequency> sizeAsTalk = Optional.empty();
    String direction;
    String tones;
    String talkPolarity;
    String listenPolarity;
    Emission emission = Emission.FM;
    Power power = Power.HIGH;
    final Set<DirectoryFlag> flags = new HashSet<>();
    private final Map<ToneHolding.Kind, Tone> talkTones = new EnumMap<>(ToneHolding.Kind.class);
    private final Map<ToneHolding.Kind, Tone> listenTones = new EnumMap<>(ToneHolding.Kind.class);
    private final Map<ToneHolding.Kind, Tone> talkPerhaps = new EnumMap<>(ToneHolding.Kind.class);
    private final Map<ToneHolding.Kind, Tone> listenPerhaps = new EnumMap<>(ToneHolding.Kind.class);

    void tone(boolean ofTalk, ToneHolding.Kind kind, Tone tone) {
        (ofTalk ? talkTones : listenTones).put(kind, tone);
    }

    void perhaps(boolean ofTalk, ToneHolding.Kind kind, Tone tone) {
        if (tone.isPresent()) {
            (ofTalk ? talkPerhaps : listenPerhaps).put(kind, tone);
        }
    }

    /**
     * The channel.
     *
     * @throws IllegalArgumentException if the cells do not make one, in words
     */
    Channel channel() {
        Frequency receive =
                listen.orElseThrow(() -> new IllegalArgumentException("no column says the frequency to listen on"));
        return new Channel(name, receive, talk(receive), talkTone(), listenTone(), emission, power, flags);
    }

    private Talk talk(Frequency receive) {
        Talk talks = talkAsSaid(receive);
        Optional<Shift> by = talks.transmit(receive).map(on -> Shift.between(receive, on));
        // Two columns that say different things: nobody knows which of them is right.
        boolean otherWay = by.filter(each ->
                        "plus".equals(direction) && each.hertz() <= 0 || "minus".equals(direction) && each.hertz() >= 0)
                .isPresent();
        if (otherWay || shift.isPresent() && by.isPresent() && !shift.equals(by)) {
            throw new IllegalArgumentException("the columns contradict each other: it would talk on "
                    + talks.transmit(receive).orElseThrow().toMegahertzText() + ", and "
                    + (otherWay ? "the direction says " + direction : "the shift says " + shift.get()));
        }
        return talks;
    }

    private Talk talkAsSaid(Frequency receive) {
        if (never || "never".equals(direction)) {
            return new Talk.Never();
        }
        if ("same".equals(direction)) {
            if (talk.isPresent() && !talk.get().equals(receive)) {
                throw new IllegalArgumentException(
                        "the direction says that it talks where it listens, and the talk frequency is "
                                + talk.get().toMegahertzText());
            }
            return new Talk.Same();
        }
        if (talk.isPresent()) {
            return talkOn(receive, talk.get());
        }
        if ("other".equals(direction)) {
            return talkOn(
                    receive,
                    sizeAsTalk.orElseThrow(() -> new IllegalArgumentException(
                            "the direction says that it has a talk frequency of its own, and no column has that")));
        }
        if (shift.isPresent()) {
            return shifted(shift.get());
        }
        if (direction == null) {
            throw new IllegalArgumentException("no column says where it talks");
        }
        Shift by = size.filter(each -> each.hertz() > 0)
                .orElseThrow(() -> new IllegalArgumentException(
                        "the direction says " + direction + ", and no column says how far"));
        return shifted(direction.equals("minus") ? Shift.ofHertz(-by.hertz()) : by);
    }

    private static Talk shifted(Shift by) {
        return by.hertz() == 0 ? new Talk.Same() : new Talk.Shifted(by, false);
    }

    private static Talk talkOn(Frequency receive, Frequency on) {
        return on.equals(receive) ? new Talk.Same() : new Talk.On(on);
    }

    private Tone talkTone() {
        if (tones == null) {
            return polarized(only(talkTones, "talk"), talkPolarity);
        }
        return switch (tones) {
            case "none", "listen", "code listen" -> NoTone.NONE;
            case "talk", "both" -> ctcss(talkTones, talkPerhaps, "talk", NoTone.NONE);
            case "code", "code talk" -> polarized(code(talkTones, talkPerhaps, "talk", NoTone.NONE), talkPolarity);
            default -> polarized(only(talkTones, "talk"), talkPolarity);
        };
    }

    private Tone listenTone() {
        if (tones == null) {
            return polarized(only(listenTones, "listen"), listenPolarity);
        }
        return switch (tones) {
            case "none", "talk", "code talk" -> NoTone.NONE;
            case "both" -> ctcss(listenTones, listenPerhaps, "listen", talkTone());
            case "listen" -> ctcss(listenTones, listenPerhaps, "listen", NoTone.NONE);
            case "code" -> polarized(code(listenTones, listenPerhaps, "listen", talkTone()), listenPolarity);
            case "code listen" -> polarized(code(listenTones, listenPerhaps, "listen", NoTone.NONE), listenPolarity);
            default -> polarized(only(listenTones, "listen"), listenPolarity);
        };
    }

    private static Tone polarized(Tone tone, String polarity) {
        return tone instanceof DcsCode code && "I".equals(polarity)
                ? new DcsCode(code.code(), DcsCode.Polarity.INVERTED)
                : tone;
    }

    /** The one tone of a side that no other column chooses among. */
    private static Tone only(Map<ToneHolding.Kind, Tone> of, String side) {
        if (of.size() > 1) {
            throw new IllegalArgumentException(
                    "the " + side + " side has a tone and a code, and no column says which of them counts");
        }
        return of.values().stream().findFirst().orElse(NoTone.NONE);
    }

    private static Tone ctcss(
            Map<ToneHolding.Kind, Tone> of, Map<ToneHolding.Kind, Tone> perhaps, String side, Tone otherwise) {
        return chosen(of, perhaps, side, ToneHolding.Kind.CTCSS, CtcssTone.class, otherwise);
    }

    private static Tone code(
            Map<ToneHolding.Kind, Tone> of, Map<ToneHolding.Kind, Tone> perhaps, String side, Tone otherwise) {
        return chosen(of, perhaps, side, ToneHolding.Kind.CODE, DcsCode.class, otherwise);
    }

    private static Tone chosen(
            Map<ToneHolding.Kind, Tone> of,
            Map<ToneHolding.Kind, Tone> perhaps,
            String side,
            ToneHolding.Kind kind,
            Class<? extends Tone> wanted,
            Tone otherwise) {
        for (Map<ToneHolding.Kind, Tone> each : List.of(of, perhaps)) {
            for (ToneHolding.Kind place : List.of(kind, ToneHolding.Kind.EITHER)) {
                if (wanted.isInstance(each.get(place))) {
                    return each.get(place);
                }
            }
        }
        if (otherwise.isPresent()) {
            return otherwise;
        }
        throw new IllegalArgumentException("the " + side + " side is to have "
                + (kind == ToneHolding.Kind.CTCSS ? "a tone" : "a code") + ", and no column has it");
    }
}
