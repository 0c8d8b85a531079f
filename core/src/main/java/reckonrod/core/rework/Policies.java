package reckonrod.core.rework;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Power;
import reckonrod.core.list.Belongs;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.Intent;
import reckonrod.core.list.ListEdit;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.Listening;
import reckonrod.core.list.ManyEdit;
import reckonrod.core.list.PowerPolicy;

/** A policy is said of a list and its channels are brought to it, in one edit. */
public final class Policies {
    private Policies() {}

    /** The edit that has a list listen by a policy. */
    public static ListEdit listenBy(Listening policy, ChannelList list, BandPlan plan) {
        return together(
                list,
                list.intent().listening(policy),
                new Rework.Listen(policy, plan),
                "Listening policy: " + policy.words(),
                plan);
    }

    /**
     * The edit that has a list talk by a policy.
     *
     * @param reaching the lowest power that reaches, by channel; only asked for by {@link PowerPolicy.LowestThatReaches}
     */
    public static ListEdit talkBy(PowerPolicy policy, ChannelList list, BandPlan plan, Map<UUID, Power> reaching) {
        Map<UUID, Power> powers = policy instanceof PowerPolicy.LowOnCalling
                ? lowOnCalling(list, plan)
                : policy instanceof PowerPolicy.LowestThatReaches ? reaching : Map.of();
        return together(
                list,
                list.intent().power(policy),
                new Rework.PowerOfEach(powers, policy.words()),
                "Power policy: " + policy.words(),
                plan);
    }

    private static Map<UUID, Power> lowOnCalling(ChannelList list, BandPlan plan) {
        List<Belongs.Span> calling = Belongs.spans(plan).stream()
                .filter(each -> each.words().equals(Belongs.CALLING))
                .toList();
        return list.entries().values().stream()
                .filter(entry -> calling.stream()
                        .anyMatch(each -> each.range().contains(entry.channel().receive())))
                .collect(Collectors.toMap(ListEntry::id, each -> Power.LOW));
    }

    private static ListEdit together(ChannelList list, Intent intent, Rework rework, String said, BandPlan plan) {
        List<UUID> all = list.entries().values().stream().map(ListEntry::id).toList();
        List<ListEdit> edits = new ArrayList<>();
        if (!list.intent().equals(intent)) {
            edits.add(new ListEdit.Mean(intent, said));
        }
        int changed = 0;
        if (!all.isEmpty()) {
            ManyEdit.RewriteMany rewriting = (ManyEdit.RewriteMany) Reworking.of(list, all, rework, plan);
            changed = rewriting.channels().size();
            if (changed > 0 || edits.isEmpty()) {
                edits.add(rewriting);
            }
        }
        return edits.isEmpty()
                ? new ListEdit.Mean(intent, said)
                : new ListEdit.Together(
                        edits, said + (changed == 1 ? "; 1 channel changes" : "; " + changed + " channels change"));
    }
}
