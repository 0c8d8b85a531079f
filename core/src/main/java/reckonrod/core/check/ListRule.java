package reckonrod.core.check;

import java.util.List;
import java.util.Map;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.finding.Finding;
import reckonrod.core.list.ChannelList;

/** A rule that needs the whole list to judge a channel. */
interface ListRule {
    /** Everything this rule sees, by slot. */
    Map<Integer, List<Finding>> check(ChannelList list, BandPlan plan);
}
