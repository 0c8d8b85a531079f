package reckonrod.core.exchange;

import java.util.stream.Collectors;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.Talk;
import reckonrod.core.list.ChannelList;
import reckonrod.core.notation.LineWriter;

/**
 * A list as lines of notation, one for each channel from the lowest slot to the highest. Slots, blocks, pins and what was laid
 * aside are not in it.
 */
public final class ListLines {
    private ListLines() {}

    /**
     * The text; each line ends with a line feed.
     *
     * @param plan the plan of the list
     */
    public static String write(ChannelList list, BandPlan plan) {
        return list.entries().values().stream()
                .map(each -> LineWriter.write(asItIs(each.channel()), plan) + "\n")
                .collect(Collectors.joining());
    }

    /** The channel with its shift written out, so that another plan does not read another size into it. */
    public static Channel asItIs(Channel channel) {
        return channel.talk() instanceof Talk.Shifted shifted
                ? channel.withTalk(new Talk.Shifted(shifted.shift(), false))
                : channel;
    }
}
