package reckonrod.core.check;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.list.Block;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;

/** Looks for another service's channels in a block that is scanned for calls. */
final class ListenAmongTalkCheck implements ListRule {
    static final FindingKind AMONG_TALK = new FindingKind(
            "service-among-talk-channels",
            Severity.NOTE,
            "{name} ({service}) stands in the block {block} with channels that talk.",
            "A scan of the block stops at it, and what you answer goes out nowhere. A block of its own keeps it apart.");

    @Override
    public Map<Integer, List<Finding>> check(ChannelList list, BandPlan plan) {
        Map<Integer, List<Finding>> findings = new HashMap<>();
        for (Block block : list.blocks()) {
            Map<Integer, ListEntry> inside = list.entries()
                    .subMap(block.slots().first(), true, block.slots().last(), true);
            if (talks(inside.values())) {
                inside.forEach((slot, entry) -> plan.serviceAt(entry.channel().receive())
                        .ifPresent(service -> findings.put(
                                slot,
                                List.of(Finding.of(
                                        AMONG_TALK,
                                        Field.SLOT,
                                        Map.of(
                                                "name", entry.channel().label(),
                                                "service", service.name(),
                                                "block", block.name()))))));
            }
        }
        return findings;
    }

    private static boolean talks(Collection<ListEntry> entries) {
        return entries.stream().anyMatch(entry -> entry.channel().transmit().isPresent());
    }
}
