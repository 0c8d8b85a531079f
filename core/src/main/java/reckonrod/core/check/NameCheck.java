package reckonrod.core.check;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.NavigableMap;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;

/** Looks for two channels of the same name. */
final class NameCheck implements ListRule {
    static final FindingKind TWICE = new FindingKind(
            "name-twice",
            Severity.NOTE,
            "Slot {other} is called {name} too.",
            "On the display the two look alike; you would have to tell them by their frequency.");

    @Override
    public Map<Integer, List<Finding>> check(ChannelList list, BandPlan plan) {
        Map<String, Integer> first = new HashMap<>();
        Map<Integer, List<Finding>> findings = new HashMap<>();
        NavigableMap<Integer, ListEntry> entries = list.entries();
        entries.forEach((slot, entry) -> {
            String name = entry.channel().name();
            Integer other = name.isEmpty() ? null : first.putIfAbsent(name.toUpperCase(Locale.ROOT), slot);
            if (other != null) {
                findings.put(
                        slot,
                        List.of(Finding.of(TWICE, Field.NAME, Map.of("other", String.valueOf(other), "name", name))));
            }
        });
        return findings;
    }
}
