package reckonrod.core.notation;

import java.util.List;
import java.util.NavigableMap;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.check.Checks;
import reckonrod.core.check.SlotFindings;
import reckonrod.core.finding.Finding;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;

/** Everything there is to say of a list: of its channels, of the list as a whole, and of the lines as they were typed. */
public final class ListJudgement {
    private ListJudgement() {}

    /** All findings by slot, those laid aside apart; a slot without findings is left out. */
    public static NavigableMap<Integer, SlotFindings> of(ChannelList list, BandPlan plan) {
        return Checks.list(list, plan, entry -> ofLine(entry, plan));
    }

    /** A line that gives another channel by now, by an edited plan for one, says nothing of the channel that is kept. */
    private static List<Finding> ofLine(ListEntry entry, BandPlan plan) {
        WorkedAnswer answer = Reckoner.reckon(entry.line(), plan);
        return answer.channel().filter(entry.channel()::equals).isPresent() ? answer.findings() : List.of();
    }
}
