package reckonrod.core.prove;

import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import reckonrod.core.air.Call;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Mode;
import reckonrod.core.directory.State;
import reckonrod.core.directory.Trust;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.tone.Tone;

/**
 * What the program knows of a silent channel before anybody is asked.
 *
 * @param channel the channel as the list has it
 * @param listed what the directory says of its repeater; absent if the directory has none
 * @param marginDecibels what arrives at the worse end above what is needed; absent if nobody knows the way between the two
 * @param holding what the radio is known to hold in the slot
 * @param answeredElsewhere whether another channel of this radio was answered on this day
 * @param answeredBefore whether this channel was answered before, as it is now
 */
public record Situation(
        Channel channel,
        Optional<Listed> listed,
        OptionalDouble marginDecibels,
        Holding holding,
        boolean answeredElsewhere,
        boolean answeredBefore) {
    // What is more to spare than this is far enough: walls take up to 20 dB (ITU-R P.2109, traditional buildings,
    // median).
    private static final double GOOD_DECIBELS = 20;
    private static final double LIKELY_DECIBELS = 10;

    /** A directory entry, its input worked out, and how far it can be trusted. */
    public record Listed(DirectoryEntry entry, Frequency input, Trust trust) {}

    /** What a radio is known to hold in a slot. */
    public enum Holding {
        /** It was last read to hold what the list says. */
        AS_LISTED,
        /** It was last read to hold something else. */
        OTHERWISE,
        /** It has no way in, and is keyed in by hand. */
        KEYED,
        UNKNOWN
    }

    /** The ids of the circumstances that hold; see {@link Knowledge}. */
    public Set<String> circumstances() {
        Set<String> hold = new LinkedHashSet<>();
        listed.ifPresent(each -> compare(each, hold));
        if (channel.transmit().isEmpty()) {
            hold.add("never-talks");
        }
        if (listed.isEmpty()
                && channel.transmit().filter(channel.receive()::equals).isPresent()) {
            hold.add("direct");
        }
        if (!channel.listenTone().isPresent()) {
            hold.add("listens-for-nothing");
        }
        hold.add(channel.power() == Power.HIGH ? "most-power" : "low-power");
        marginDecibels.ifPresent(margin -> hold.add(reach(margin)));
        switch (holding) {
            case AS_LISTED -> hold.add("holds-list");
            case OTHERWISE -> hold.add("holds-otherwise");
            case KEYED -> hold.add("keyed-by-hand");
            case UNKNOWN -> {}
        }
        if (answeredElsewhere) {
            hold.add("answered-elsewhere");
        }
        if (answeredBefore) {
            hold.add("answered-before");
        }
        return hold;
    }

    private static String reach(double margin) {
        return margin >= GOOD_DECIBELS
                ? "reach-good"
                : margin >= LIKELY_DECIBELS ? "reach-likely" : margin >= 0 ? "reach-marginal" : "reach-unlikely";
    }

    private void compare(Listed known, Collection<String> hold) {
        DirectoryEntry entry = known.entry();
        talkTone(entry.signal().talkTone(), hold);
        pair(entry.signal().output(), known.input(), hold);
        if (channel.listenTone().isPresent()) {
            hold.add(
                    channel.listenTone().opensFor(entry.signal().listenTone())
                            ? "listen-tone-published"
                            : "listen-tone-unpublished");
        }
        if (entry.signal().mode() == Mode.DIGITAL) {
            hold.add("entry-digital");
        } else {
            boolean same = entry.signal().mode().emission().filter(this::isLike).isPresent();
            hold.add(same ? "mode-same" : "mode-other");
        }
        if (!State.USABLE.contains(entry.standing().state())) {
            hold.add("entry-off-air");
        }
        if (known.trust().staysSilent()) {
            hold.add("stays-silent");
        }
        hold.add(
                switch (known.trust().age()) {
                    case FRESH -> "entry-fresh";
                    case AGEING, UNCONFIRMED -> "entry-ageing";
                    case OLD -> "entry-old";
                });
    }

    private boolean isLike(Emission wanted) {
        return wanted == Emission.AM == (channel.emission() == Emission.AM);
    }

    private void talkTone(Tone published, Collection<String> hold) {
        if (!published.isPresent()) {
            hold.add("needs-no-tone");
        } else if (channel.talkTone().sameOnAir(published)) {
            hold.add("talk-tone-same");
        } else if (channel.talkTone().isPresent()) {
            hold.add("talk-tone-other");
        } else {
            hold.add(
                    channel.listenTone().sameOnAir(published)
                            ? "talk-tone-listens"
                            : channel.listenTone().isPresent() ? "other-tone-listens" : "no-talk-tone");
        }
    }

    private void pair(Frequency output, Frequency input, Collection<String> hold) {
        hold.add(Call.isOn(channel.receive(), output) ? "output-same" : "output-other");
        channel.transmit().ifPresent(talk -> {
            long shift = talk.hertz() - channel.receive().hertz();
            long published = input.hertz() - output.hertz();
            if (Call.isOn(talk, input) || shift == published) {
                hold.add("talk-same");
            } else {
                hold.add(shift == -published ? "talk-side-other" : "talk-distance-other");
            }
        });
    }
}
