package reckonrod.core.prove;

import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import reckonrod.core.air.Hindrance;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.channel.Talk;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.frequency.Shift;
import reckonrod.core.prove.Cause.Mend;
import reckonrod.core.take.Taking;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.ReversedTone;
import reckonrod.core.tone.Tone;

/** Sets right what keeps a channel from working, by what the directory says of its repeater, or by itself where it says nothing. */
public final class Mending {
    private final BandPlan plan;

    /** Mends by that plan, which supplies what entries leave out. */
    public Mending(BandPlan plan) {
        this.plan = plan;
    }

    /** The channel set right; absent if nothing would be otherwise, or nobody knows what would be right. */
    public Optional<Channel> mended(Mend mend, Channel channel, Optional<DirectoryEntry> entry) {
        Optional<Channel> listed = entry.flatMap(each -> Taking.channel(each, plan));
        Optional<Channel> next = switch (mend) {
            case TONES -> tones(channel, listed);
            case PAIR -> pair(channel, listed);
            case LISTEN_TONE -> Optional.of(channel.withTones(channel.talkTone(), NoTone.NONE));
            case EMISSION ->
                Optional.of(channel.withEmission(listed.map(Channel::emission).orElse(Emission.FM)));
            case POWER -> Optional.of(channel.withPower(nextHigher(channel.power())));
        };
        return next.filter(each -> !each.equals(channel));
    }

    /** The channel with all set right that stands in the way of a call; absent if nothing would be otherwise. */
    public Optional<Channel> mended(Set<Hindrance> hindrances, Channel channel, Optional<DirectoryEntry> entry) {
        Channel next = channel;
        for (Hindrance each : Hindrance.values()) {
            // More power does not help where nothing comes back.
            boolean helps = each != Hindrance.TOO_WEAK_THERE || !hindrances.contains(Hindrance.TOO_WEAK_HERE);
            if (hindrances.contains(each) && helps) {
                Channel before = next;
                next = of(each).flatMap(mend -> mended(mend, before, entry)).orElse(before);
            }
        }
        return Optional.of(next).filter(each -> !each.equals(channel));
    }

    private static Power nextHigher(Power power) {
        return power == Power.LOW ? Power.MID : Power.HIGH;
    }

    private static Optional<Mend> of(Hindrance hindrance) {
        return switch (hindrance) {
            case NO_TONE, OTHER_TONE -> Optional.of(Mend.TONES);
            case OTHER_INPUT, OTHER_OUTPUT -> Optional.of(Mend.PAIR);
            case SPEAKER_SHUT -> Optional.of(Mend.LISTEN_TONE);
            case OTHER_MODE -> Optional.of(Mend.EMISSION);
            case TOO_WEAK_THERE -> Optional.of(Mend.POWER);
            case NEVER_TALKS, OFF_AIR, TOO_WEAK_HERE -> Optional.empty();
        };
    }

    /** A listen tone stays where the directory has it too; one that was the talk tone on the wrong side goes. */
    private static Optional<Channel> tones(Channel channel, Optional<Channel> listed) {
        Function<Channel, Channel> byDirectory = each -> channel.withTones(
                each.talkTone(), channel.listenTone().opensFor(each.listenTone()) ? channel.listenTone() : NoTone.NONE);
        Tone listen = channel.listenTone();
        return listed.map(byDirectory)
                .or(() -> channel.talkTone().isPresent() || !listen.isPresent() || listen instanceof ReversedTone
                        ? Optional.empty()
                        : Optional.of(channel.withTones(listen, NoTone.NONE)));
    }

    private static Optional<Channel> pair(Channel channel, Optional<Channel> listed) {
        return listed.map(each -> channel.withPair(each.receive(), each.talk()))
                .or(() -> channel.shift()
                        .filter(shift -> shift.hertz() != 0)
                        .map(shift -> channel.withTalk(new Talk.Shifted(Shift.ofHertz(-shift.hertz()), false))));
    }
}
