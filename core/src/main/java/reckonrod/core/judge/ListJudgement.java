package reckonrod.core.judge;

import java.util.ArrayList;
import java.util.List;
import java.util.NavigableMap;
import java.util.function.Function;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.check.Checks;
import reckonrod.core.check.SlotFindings;
import reckonrod.core.finding.Finding;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.notation.WorkedAnswer;

/** Everything there is to say of a list: of its channels, of the list as a whole, and of the lines as they were typed. */
public final class ListJudgement {
    private ListJudgement() {}

    /** All findings by slot, those laid aside apart; a slot without findings is left out. */
    public static NavigableMap<Integer, SlotFindings> of(ChannelList list, BandPlan plan) {
        return of(list, plan, entry -> List.of());
    }

    /** The same with findings from elsewhere, such as those on the directory entry that a channel was taken from. */
    public static NavigableMap<Integer, SlotFindings> of(
            ChannelList list, BandPlan plan, Function<ListEntry, List<Finding>> more) {
        return of(list, plan, more, line -> Reckoner.reckon(line, plan));
    }

    /**
     * The same for who remembers what lines gave before.
     *
     * @param reckoner what {@link Reckoner#reckon(String, BandPlan)} gives for a line by this plan
     */
    public static NavigableMap<Integer, SlotFindings> of(
            ChannelList list,
            BandPlan plan,
            Function<ListEntry, List<Finding>> more,
            Function<String, WorkedAnswer> reckoner) {
        return Checks.list(list, plan, entry -> {
            List<Finding> findings = new ArrayList<>(ofLine(entry, reckoner.apply(entry.line())));
            findings.addAll(more.apply(entry));
            return findings;
        });
    }

    /** A line that gives another channel by now, by an edited plan for one, says nothing of the channel that is kept. */
    private static List<Finding> ofLine(ListEntry entry, WorkedAnswer answer) {
        return answer.channel().filter(entry.channel()::equals).isPresent() ? answer.findings() : List.of();
    }
}
