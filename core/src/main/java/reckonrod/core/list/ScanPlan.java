package reckonrod.core.list;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import reckonrod.core.channel.DirectoryFlag;

/** What scanning and banks come to in a list, channel by channel. */
public final class ScanPlan {
    private final Scanning scanning;
    private final boolean talks;
    private final List<List<UUID>> members = new ArrayList<>();
    private final Map<UUID, List<Integer>> banks = new HashMap<>();

    private ScanPlan(ChannelList list) {
        scanning = list.scanning();
        talks = list.entries().values().stream()
                .anyMatch(each -> each.channel().transmit().isPresent());
        for (Bank bank : scanning.banks()) {
            Set<UUID> inside = new LinkedHashSet<>(bank.channels());
            bank.rule()
                    .ifPresent(rule -> list.entries().forEach((slot, entry) -> {
                        if (rule.holds(list, slot, entry)) {
                            inside.add(entry.id());
                        }
                    }));
            members.add(List.copyOf(inside));
            inside.forEach(
                    id -> banks.computeIfAbsent(id, any -> new ArrayList<>()).add(members.size()));
        }
    }

    /** That of a list. */
    public static ScanPlan of(ChannelList list) {
        return new ScanPlan(list);
    }

    /** The channels of a bank: first those that the person put there, in that order, then those that its rule holds, by slot. */
    public List<UUID> members(String bank) {
        for (int i = 0; i < scanning.banks().size(); i++) {
            if (scanning.banks().get(i).name().equals(bank)) {
                return members.get(i);
            }
        }
        return List.of();
    }

    /** The banks that a channel is in, from 1 as they stand in the list, rising. */
    public List<Integer> banksOf(UUID id) {
        return banks.getOrDefault(id, List.of());
    }

    /** Whether a scan stops at a channel. */
    public boolean scans(ListEntry entry) {
        return entry.scan().orElseGet(() -> skippedFor(entry).isEmpty());
    }

    /** Why the rule of the list has a scan pass a channel by, in words; absent if it does not. */
    public Optional<String> skippedFor(ListEntry entry) {
        if (scanning.skipOffAir() && entry.channel().flags().contains(DirectoryFlag.OFF_AIR)) {
            return Optional.of("off the air");
        }
        return scanning.skipListenOnly() && talks && entry.channel().transmit().isEmpty()
                ? Optional.of("listen-only among channels that talk")
                : Optional.empty();
    }

    /** Which of some channels are in a bank. */
    Set<UUID> among(String bank, List<UUID> some) {
        Set<UUID> inside = new HashSet<>(members(bank));
        inside.retainAll(new HashSet<>(some));
        return inside;
    }
}
