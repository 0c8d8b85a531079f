package reckonrod.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.finding.Edit;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Fix;
import reckonrod.core.finding.Severity;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.ReversedTone;

/** Looks for tones on the wrong side, and for tones where none is needed. */
final class ToneSideCheck implements ChannelRule {
    static final FindingKind WRONG_SIDE = new FindingKind(
            "tone-on-listen-side",
            Severity.DOUBT,
            "{tone} is the listen tone, and nothing is sent while talking.",
            "A published tone alone is the one that opens the repeater: it belongs on the talk side.");
    static final FindingKind ON_SIMPLEX = new FindingKind(
            "tone-on-simplex",
            Severity.NOTE,
            "A tone is set on the simplex channel {listen}.",
            "Others on the channel do not need it, and those who expect another tone will not hear you.");

    static final FindingKind NEVER_SENT = new FindingKind(
            "tone-never-sent",
            Severity.DOUBT,
            "{tone} is the tone to send, and this channel never talks.",
            "Words such as \"RX only\" say either: nothing is sent, or the tone belongs on the listen side.");

    @Override
    public List<Finding> check(Channel channel, BandPlan plan) {
        List<Finding> findings = new ArrayList<>();
        boolean listens = channel.listenTone().isPresent() && !(channel.listenTone() instanceof ReversedTone);
        boolean talks = channel.talkTone().isPresent();
        if (channel.isDuplex() && listens && !talks) {
            findings.add(wrongSide(channel));
        }
        if (channel.isSimplex() && (listens || talks)) {
            findings.add(Finding.of(
                    ON_SIMPLEX,
                    talks ? Field.TALK_TONE : Field.LISTEN_TONE,
                    Map.of("listen", channel.receive().toString())));
        }
        // Where nobody may talk the tone only waits for another licence.
        if (channel.transmit().isEmpty() && talks && !listens && plan.mayTalk(channel.receive())) {
            findings.add(neverSent(channel));
        }
        return findings;
    }

    private static Finding neverSent(Channel channel) {
        return new Finding(
                NEVER_SENT,
                Field.TALK_TONE,
                Map.of("tone", channel.talkTone().toString()),
                List.of(
                        new Fix(
                                "Make it the listen tone",
                                new Edit.ReplaceChannel(channel.withTones(NoTone.NONE, channel.talkTone()))),
                        new Fix(
                                "Take it away",
                                new Edit.ReplaceChannel(channel.withTones(NoTone.NONE, channel.listenTone())))));
    }

    private static Finding wrongSide(Channel channel) {
        Channel turned = channel.withTones(channel.listenTone(), NoTone.NONE);
        return new Finding(
                WRONG_SIDE,
                Field.LISTEN_TONE,
                Map.of("tone", channel.listenTone().toString()),
                List.of(new Fix("Make it the talk tone", new Edit.ReplaceChannel(turned))));
    }
}
