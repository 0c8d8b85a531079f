package reckonrod.core.fit;

import java.util.Map;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.radio.Limits;

/** A channel that never talks must not talk in the radio either. */
record ListenOnlyConcern() implements Concern {
    static final FindingKind WOULD_TALK = new FindingKind(
            "fit-would-talk",
            Severity.DOUBT,
            "The radio cannot be kept from talking on a slot, and it talks on {frequency}.",
            "Use a radio that can, or leave the channel out of this one.");

    @Override
    public void judge(Candidate candidate, Limits limits) {
        var receive = candidate.channel().receive();
        if (candidate.channel().transmit().isEmpty()
                && !limits.listenOnly()
                && limits.transmitting(receive).isPresent()) {
            candidate.leftOut(WOULD_TALK, Field.TRANSMIT, Map.of("frequency", receive.toString()), "listen only");
        }
    }
}
