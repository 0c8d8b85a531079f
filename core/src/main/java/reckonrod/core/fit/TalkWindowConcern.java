package reckonrod.core.fit;

import java.util.Map;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Talk;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.radio.Limits;

/** What is outside the talk windows never talks, in no radio, whatever the list says. */
record TalkWindowConcern(BandPlan plan) implements Concern {
    static final FindingKind OUTSIDE = new FindingKind(
            "fit-outside-talk-windows",
            Severity.DOUBT,
            "Talking there is outside the talk windows; it goes in listen-only.",
            "Choose the band plan and licence of the list that apply, or mend the channel.");

    @Override
    public void judge(Candidate candidate, Limits limits) {
        candidate.channel().transmit().filter(talk -> !plan.mayTalk(talk)).ifPresent(talk -> {
            candidate.adapted(OUTSIDE, Field.TRANSMIT, Map.of(), talk.toString(), "listen only");
            candidate.becomes(candidate.channel().withTalk(new Talk.Never()));
        });
    }
}
