package reckonrod.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.list.Bank;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.ScanPlan;
import reckonrod.core.radio.RadioModel;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.radio.ScanLimits;

/**
 * Brings the banks of a list and what its scan passes by into a radio, as far as that has them. The first bank of the list is bank 1
 * of the radio, and so on; where a bank is full, those that come first in it have its places.
 */
final class ScanFit {
    static final FindingKind NO_BANKS = new FindingKind(
            "fit-no-banks",
            Severity.NOTE,
            "{radio} has no banks; {banks} of the list {are} not in it.",
            "The channels themselves go in, one behind the other; blocks keep them together.");
    static final FindingKind BANKS_LEFT_OUT = new FindingKind(
            "fit-banks-left-out",
            Severity.DOUBT,
            "{radio} has {count} {called}s; {banks} {are} not among the first {count} of the list.",
            "Put the banks that matter on this radio first.");
    static final FindingKind BANK_FULL = new FindingKind(
            "fit-bank-full",
            Severity.DOUBT,
            "Bank {bank} has {wanted} channels, and a {called} of {radio} holds {count}.",
            "Those that come first in the bank are in it. Put the ones that matter first, or make two banks of it.");
    static final FindingKind BANK_FULL_HERE = new FindingKind(
            "fit-not-in-bank",
            Severity.NOTE,
            "Bank {bank} is full on {radio} before this channel comes.",
            "Put it further to the front of the bank.");
    static final FindingKind ONE_BANK_MORE = new FindingKind(
            "fit-in-fewer-banks",
            Severity.NOTE,
            "On {radio} a channel is in {count} at most.",
            "It is in the first of its banks. Put the bank that matters on this radio before the others.");
    static final FindingKind SCANS_ALL = new FindingKind(
            "fit-scans-all",
            Severity.NOTE,
            "{radio} cannot pass channels by; a scan stops at {channels} too.",
            "Leave these channels out of this radio, or be ready for it to stop there.");
    static final FindingKind NO_PRIORITY = new FindingKind(
            "fit-no-priority",
            Severity.NOTE,
            "{radio} has no priority channel; its scan comes back to {channel} as to any other.",
            "Put it into a bank of few channels, and scan that.");

    private final RadioModel radio;
    private final ScanLimits limits;
    private final ChannelList list;
    private final ScanPlan plan;
    private final Map<UUID, Set<Integer>> inside = new HashMap<>();
    private final Map<UUID, List<String>> lost = new HashMap<>();
    private final List<BankFit> banks = new ArrayList<>();
    private final NavigableMap<Integer, List<Integer>> order = new TreeMap<>();
    private final List<Finding> findings = new ArrayList<>();

    private ScanFit(RadioModel radio, ChannelList list, List<Placement> placements) {
        this.radio = radio;
        this.limits = radio.limits().scan();
        this.list = list;
        this.plan = ScanPlan.of(list);
        Map<UUID, Placement> going = new HashMap<>();
        placements.stream()
                .filter(each -> each.content().isPresent())
                .forEach(each -> going.put(each.entry().id(), each));
        fill(going);
        tellOfBanks();
        tellOfScan(going);
    }

    /** What comes of it. */
    record Result(
            List<Placement> placements,
            List<BankFit> banks,
            NavigableMap<Integer, List<Integer>> order,
            List<Finding> findings) {}

    static Result of(RadioModel radio, ChannelList list, List<Placement> placements) {
        ScanFit fit = new ScanFit(radio, list, placements);
        return new Result(placements.stream().map(fit::scanned).toList(), fit.banks, fit.order, fit.findings);
    }

    private void fill(Map<UUID, Placement> going) {
        List<Bank> all = list.scanning().banks();
        for (int number = 1; number <= all.size(); number++) {
            String name = all.get(number - 1).name();
            List<UUID> members =
                    plan.members(name).stream().filter(going::containsKey).toList();
            int in = 0;
            boolean full = false;
            for (UUID member : members) {
                Set<Integer> own = inside.computeIfAbsent(member, any -> new TreeSet<>());
                if (number > limits.banks()) {
                    continue;
                }
                full |= in >= limits.channelsABank();
                if (in < limits.channelsABank() && own.size() < limits.banksAChannel()) {
                    own.add(number);
                    order.computeIfAbsent(number, any -> new ArrayList<>())
                            .add(going.get(member).place().getAsInt());
                    in++;
                } else {
                    lost.computeIfAbsent(member, any -> new ArrayList<>()).add(name);
                }
            }
            if (full) {
                findings.add(Finding.of(
                        BANK_FULL,
                        Field.SLOT,
                        Map.of(
                                "bank", name,
                                "wanted", String.valueOf(members.size()),
                                "radio", radio.title(),
                                "called", limits.called(),
                                "count", String.valueOf(limits.channelsABank()))));
            }
            banks.add(new BankFit(
                    name,
                    number > limits.banks() ? OptionalInt.empty() : OptionalInt.of(number),
                    in,
                    members.size() - in));
        }
    }

    private void tellOfBanks() {
        List<String> out = banks.stream()
                .filter(each -> each.number().isEmpty())
                .map(BankFit::bank)
                .toList();
        if (!out.isEmpty()) {
            findings.add(Finding.of(
                    limits.banks() == 0 ? NO_BANKS : BANKS_LEFT_OUT,
                    Field.SLOT,
                    Map.of(
                            "radio",
                            radio.title(),
                            "banks",
                            (out.size() == 1 ? "bank " : "banks ") + few(out),
                            "are",
                            out.size() == 1 ? "is" : "are",
                            "count",
                            String.valueOf(limits.banks()),
                            "called",
                            limits.called())));
        }
    }

    private void tellOfScan(Map<UUID, Placement> going) {
        List<String> stoppedAt = going.values().stream()
                .sorted(Comparator.comparingInt(Placement::slot))
                .map(Placement::entry)
                .filter(each -> !plan.scans(each))
                .map(each -> each.channel().label())
                .toList();
        if (!limits.skips() && !stoppedAt.isEmpty()) {
            findings.add(Finding.of(SCANS_ALL, Field.SLOT, Map.of("radio", radio.title(), "channels", few(stoppedAt))));
        }
        if (!limits.priority()) {
            list.scanning()
                    .priority()
                    .map(going::get)
                    .map(Placement::entry)
                    .map(ListEntry::channel)
                    .ifPresent(channel -> findings.add(Finding.of(
                            NO_PRIORITY, Field.SLOT, Map.of("radio", radio.title(), "channel", channel.label()))));
        }
    }

    private Placement scanned(Placement placement) {
        if (placement.content().isEmpty()) {
            return placement;
        }
        UUID id = placement.entry().id();
        RadioSlot content = placement
                .content()
                .get()
                .scanned(!limits.skips() || plan.scans(placement.entry()), inside.getOrDefault(id, Set.of()));
        List<String> missed = lost.getOrDefault(id, List.of());
        return missed.isEmpty()
                ? placement.holding(content)
                : placement
                        .holding(content)
                        .adapted(new FitReason(
                                FitMark.ADAPTED,
                                Finding.of(
                                        inside.get(id).size() < limits.banksAChannel() ? BANK_FULL_HERE : ONE_BANK_MORE,
                                        Field.SLOT,
                                        Map.of(
                                                "radio",
                                                radio.title(),
                                                "bank",
                                                few(missed),
                                                "count",
                                                limits.banksAChannel() == 1
                                                        ? "one " + limits.called()
                                                        : limits.banksAChannel() + " " + limits.called() + "s")),
                                "in bank " + few(missed),
                                "not in it"));
    }

    private static String few(List<String> names) {
        int most = 4;
        return names.size() <= most
                ? String.join(", ", names)
                : String.join(", ", names.subList(0, most)) + " and " + (names.size() - most) + " more";
    }
}
