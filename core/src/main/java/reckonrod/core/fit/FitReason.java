package reckonrod.core.fit;

import java.util.Set;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;

/**
 * Why a channel is not exact in a radio.
 *
 * @param mark what this reason makes of the channel
 * @param finding what the radio lacks, and what would avoid it; its fixes change the channel
 * @param before what the list says
 * @param after what the radio gets; empty when the channel is left out
 */
public record FitReason(FitMark mark, Finding finding, String before, String after) {
    private static final Set<FindingKind> BY_POLICY =
            Set.of(ToneConcern.CANNOT_WAIT, ToneConcern.ONE_POLARITY, PowerConcern.NEXT_LEVEL, NameConcern.SHORTENED);

    /** Whether a rule of the whole list, on names, listening or power, would mend it for many channels at once. */
    public boolean isMendedByPolicy() {
        return BY_POLICY.contains(finding.kind());
    }

    /** The part it speaks of. */
    public Field field() {
        return finding.field();
    }

    /** What the radio lacks, in one sentence. */
    public String why() {
        return finding.message();
    }

    /** What would avoid it, in one sentence. */
    public String avoid() {
        return finding.why();
    }
}
