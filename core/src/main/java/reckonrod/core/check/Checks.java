package reckonrod.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import java.util.function.Function;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.finding.Finding;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;

/** Every rule, applied. */
public final class Checks {
    private static final List<ChannelRule> CHANNEL_RULES = List.of(
            new ShiftCheck(),
            new RasterCheck(),
            new ToneSideCheck(),
            new ToneTableCheck(),
            new ListenOnlyCheck(),
            new EmissionCheck(),
            new SegmentCheck(),
            new BandEdgeCheck(),
            new CallingCheck(),
            new FlagCheck());
    private static final List<ListRule> LIST_RULES =
            List.of(new DuplicateCheck(), new NameCheck(), new ListenAmongTalkCheck(), new PolicyCheck());

    private Checks() {}

    /** All findings on one channel by itself, gravest first. */
    public static List<Finding> channel(Channel channel, BandPlan plan) {
        List<Finding> findings = new ArrayList<>();
        for (ChannelRule rule : CHANNEL_RULES) {
            findings.addAll(rule.check(channel, plan));
        }
        if (findings.size() > 1) {
            findings.sort(Finding.ORDER);
        }
        return List.copyOf(findings);
    }

    /** The finding on a talk frequency that is outside every band of the plan. */
    public static Finding talkOutside(Frequency transmit, BandPlan plan) {
        return ListenOnlyCheck.talkOutside(transmit, plan);
    }

    /** All findings on a list by slot, those laid aside apart; a slot without findings is left out. */
    public static NavigableMap<Integer, SlotFindings> list(ChannelList list, BandPlan plan) {
        return list(list, plan, entry -> List.of());
    }

    /**
     * The same with findings from elsewhere on each entry, such as those on its line. One that a rule here raises too, by its
     * code and field, is not told twice.
     */
    public static NavigableMap<Integer, SlotFindings> list(
            ChannelList list, BandPlan plan, Function<ListEntry, List<Finding>> more) {
        List<Map<Integer, List<Finding>>> ofList =
                LIST_RULES.stream().map(rule -> rule.check(list, plan)).toList();
        NavigableMap<Integer, SlotFindings> result = new TreeMap<>();
        list.entries().forEach((slot, entry) -> {
            List<Finding> findings = new ArrayList<>(channel(entry.channel(), plan));
            ofList.forEach(each -> findings.addAll(each.getOrDefault(slot, List.of())));
            more.apply(entry).stream()
                    .filter(each -> findings.stream().noneMatch(each::sameSubject))
                    .forEach(findings::add);
            if (!findings.isEmpty()) {
                findings.sort(Finding.ORDER);
                result.put(slot, SlotFindings.of(findings, entry.dismissals()));
            }
        });
        return result;
    }
}
