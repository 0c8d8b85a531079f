package reckonrod.core.check;

import java.util.List;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.finding.Finding;

/** A rule that judges one channel by itself. */
interface ChannelRule {
    /** Everything this rule sees in the channel, by that plan. */
    List<Finding> check(Channel channel, BandPlan plan);
}
