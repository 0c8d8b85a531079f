package reckonrod.core.fit;

import java.util.Map;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Talk;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.radio.Limits;

/** What the person wants otherwise in this radio goes before all that the radio makes of it. */
record OverruleConcern() implements Concern {
    static final FindingKind LEFT_OUT = new FindingKind(
            "fit-left-out-on-purpose",
            Severity.NOTE,
            "You left it out of this radio.",
            "Take that back where the fit of this radio is shown.");
    static final FindingKind OTHERWISE = new FindingKind(
            "fit-otherwise-on-purpose",
            Severity.NOTE,
            "You have it otherwise in this radio: {what}.",
            "Take that back where the fit of this radio is shown.");

    @Override
    public void judge(Candidate candidate, Limits limits) {
        candidate.overrule().ifPresent(overrule -> {
            Channel channel = candidate.channel();
            if (overrule.leftOut()) {
                candidate.leftOut(LEFT_OUT, Field.LINE, Map.of(), channel.label());
                return;
            }
            if (overrule.listenOnly() && channel.transmit().isPresent()) {
                otherwise(
                        candidate,
                        Field.TRANSMIT,
                        "it only listens",
                        channel.transmit().get().toString(),
                        "listen only");
                candidate.becomes(candidate.channel().withTalk(new Talk.Never()));
            }
            overrule.name().filter(name -> !name.equals(channel.name())).ifPresent(name -> {
                otherwise(candidate, Field.NAME, "it is called " + name, channel.name(), name);
                candidate.becomes(candidate.channel().withName(name));
            });
            overrule.talkTone()
                    .filter(tone -> !tone.equals(channel.talkTone())
                            && candidate.channel().transmit().isPresent())
                    .ifPresent(tone -> {
                        otherwise(
                                candidate,
                                Field.TALK_TONE,
                                "it sends " + tone,
                                channel.talkTone().toString(),
                                tone.toString());
                        candidate.becomes(candidate.channel().withTones(tone, channel.listenTone()));
                    });
        });
    }

    private static void otherwise(Candidate candidate, Field field, String what, String before, String after) {
        candidate.adapted(OTHERWISE, field, Map.of("what", what), before, after);
    }
}
