package reckonrod.core.check;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ScanPlan;

/** Looks for another service's channels that a scan for calls stops at. */
final class ListenAmongTalkCheck implements ListRule {
    static final FindingKind AMONG_TALK = new FindingKind(
            "service-scanned-among-talk",
            Severity.NOTE,
            "A scan stops at {name} ({service}), among channels that talk.",
            "What you answer there goes out nowhere. Have scans pass it by.");

    @Override
    public Map<Integer, List<Finding>> check(ChannelList list, BandPlan plan) {
        Map<Integer, List<Finding>> findings = new HashMap<>();
        if (list.entries().values().stream()
                .noneMatch(each -> each.channel().transmit().isPresent())) {
            return findings;
        }
        ScanPlan scan = ScanPlan.of(list);
        list.entries().forEach((slot, entry) -> {
            if (scan.scans(entry)) {
                plan.serviceAt(entry.channel().receive())
                        .ifPresent(service -> findings.put(
                                slot,
                                List.of(Finding.of(
                                        AMONG_TALK,
                                        Field.SLOT,
                                        Map.of(
                                                "name", entry.channel().label(),
                                                "service", service.name())))));
            }
        });
        return findings;
    }
}
