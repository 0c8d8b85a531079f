package reckonrod.core.list;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;

/** The work on the banks of one list. */
final class BankWork {
    /** The most banks that a list can have. */
    static final int MOST_BANKS = 64;

    private final ChannelList list;
    private final Scanning scanning;

    BankWork(ChannelList list) {
        this.list = list;
        this.scanning = list.scanning();
    }

    ListChange add(String name, Optional<BankRule> rule, List<UUID> channels) {
        if (scanning.banks().size() == MOST_BANKS) {
            return new ListChange.Refused("A list has " + MOST_BANKS + " banks at most. Remove one first.");
        }
        return nameFault(name, Optional.empty())
                .or(() -> missing(channels))
                .or(() -> rule.flatMap(this::blockFault))
                .<ListChange>map(ListChange.Refused::new)
                .orElseGet(() -> {
                    List<Bank> next = new ArrayList<>(scanning.banks());
                    next.add(new Bank(name.strip(), rule, channels));
                    ChannelList after = list.scannedBy(scanning.with(next));
                    return changed(
                            after, "Add bank " + name.strip() + said(rule) + holding(after, name.strip()), channels);
                });
    }

    ListChange rename(String name, String next) {
        return with(
                name,
                bank -> nameFault(next, Optional.of(bank))
                        .<ListChange>map(ListChange.Refused::new)
                        .orElseGet(() -> changed(
                                replaced(bank, bank.called(next.strip())),
                                "Call bank " + name + " " + next.strip(),
                                bank.channels())));
    }

    ListChange remove(String name) {
        return with(name, bank -> {
            List<Bank> next = new ArrayList<>(scanning.banks());
            next.remove(bank);
            return changed(
                    list.scannedBy(scanning.with(next)),
                    "Remove bank " + name + "; its channels stay in the list",
                    bank.channels());
        });
    }

    ListChange move(String name, int number) {
        return with(name, bank -> {
            List<Bank> next = new ArrayList<>(scanning.banks());
            if (number < 1 || number > next.size()) {
                return new ListChange.Refused(
                        "There are banks 1 to " + next.size() + "; " + number + " is none of them.");
            }
            next.remove(bank);
            next.add(number - 1, bank);
            return next.equals(scanning.banks())
                    ? new ListChange.Refused("Bank " + name + " has the number " + number + " already.")
                    : changed(
                            list.scannedBy(scanning.with(next)),
                            "Bank " + name + " has the number " + number,
                            bank.channels());
        });
    }

    ListChange rule(String name, Optional<BankRule> rule) {
        return with(
                name,
                bank -> rule.equals(bank.rule())
                        ? new ListChange.Refused("Bank " + name + " is filled like that already. Nothing was changed.")
                        : rule.flatMap(this::blockFault)
                                .<ListChange>map(ListChange.Refused::new)
                                .orElseGet(() -> ruled(bank, rule)));
    }

    private ListChange ruled(Bank bank, Optional<BankRule> rule) {
        Bank next = rule.isPresent()
                ? bank.ruled(rule)
                : bank.ruled(rule).holding(ScanPlan.of(list).members(bank.name()));
        ChannelList after = replaced(bank, next);
        String what = rule.isPresent()
                ? "Fill bank " + bank.name() + said(rule)
                : "Fill bank " + bank.name() + " by hand from now on";
        return changed(after, what + holding(after, bank.name()), next.channels());
    }

    ListChange putIn(String name, List<UUID> channels) {
        return with(
                name,
                bank -> chosen(channels, () -> {
                    Set<UUID> inside = new HashSet<>(ScanPlan.of(list).members(name));
                    List<UUID> coming = channels.stream()
                            .filter(each -> !inside.contains(each))
                            .toList();
                    if (coming.isEmpty()) {
                        return new ListChange.Refused(
                                "All of them are in bank " + name + " already. Nothing was changed.");
                    }
                    List<UUID> next = new ArrayList<>(bank.channels());
                    next.addAll(inSlotOrder(coming));
                    return changed(
                            replaced(bank, bank.holding(next)), "Put " + words(coming) + " into bank " + name, coming);
                }));
    }

    ListChange takeOut(String name, List<UUID> channels) {
        return with(
                name,
                bank -> chosen(channels, () -> {
                    Set<UUID> inside = ScanPlan.of(list).among(name, channels);
                    if (inside.isEmpty()) {
                        return new ListChange.Refused("None of them is in bank " + name + ". Nothing was changed.");
                    }
                    List<UUID> next = bank.channels().stream()
                            .filter(each -> !inside.contains(each))
                            .toList();
                    ChannelList after = replaced(bank, bank.holding(next));
                    Set<UUID> ruled = ScanPlan.of(after).among(name, channels);
                    if (!ruled.isEmpty()) {
                        return new ListChange.Refused(words(inSlotOrder(ruled)) + (ruled.size() == 1 ? " is" : " are")
                                + " in bank " + name + " by its rule ("
                                + bank.rule().orElseThrow().said()
                                + "). Change the rule, or fill the bank by hand from now on.");
                    }
                    return changed(after, "Take " + words(inSlotOrder(inside)) + " out of bank " + name, channels);
                }));
    }

    ListChange place(String name, UUID channel, int place) {
        return with(name, bank -> {
            List<UUID> next = new ArrayList<>(bank.channels());
            if (!next.remove(channel)) {
                return new ListChange.Refused(
                        "That channel is not in bank " + name + " by hand, so it has no place there to change.");
            }
            if (place < 1 || place > next.size() + 1) {
                return new ListChange.Refused(
                        "Bank " + name + " has places 1 to " + (next.size() + 1) + "; " + place + " is none of them.");
            }
            next.add(place - 1, channel);
            return next.equals(bank.channels())
                    ? new ListChange.Refused("It stands there already. Nothing was changed.")
                    : changed(
                            replaced(bank, bank.holding(next)),
                            words(List.of(channel)) + " is number " + place + " in bank " + name,
                            List.of(channel));
        });
    }

    ListChange scanBy(boolean skipListenOnly, boolean skipOffAir) {
        Scanning next = scanning.skipping(skipListenOnly, skipOffAir);
        String what = skipListenOnly && skipOffAir
                ? "listen-only channels and what is off the air"
                : skipListenOnly ? "listen-only channels" : skipOffAir ? "what is off the air" : "nothing by itself";
        return next.equals(scanning)
                ? new ListChange.Refused("A scan does so already. Nothing was changed.")
                : changed(list.scannedBy(next), "A scan passes by " + what, List.of());
    }

    ListChange priority(Optional<UUID> channel) {
        if (channel.isPresent() && list.slotOf(channel.get()).isEmpty()) {
            return new ListChange.Refused("That channel is no longer in the list. Nothing was changed.");
        }
        if (channel.equals(scanning.priority())) {
            return new ListChange.Refused(ListChange.SO_ALREADY);
        }
        return changed(
                list.scannedBy(scanning.first(channel)),
                channel.map(id -> "A scan comes back to " + words(List.of(id)) + " again and again")
                        .orElse("A scan comes back to no channel more than to others"),
                channel.map(List::of).orElse(List.of()));
    }

    private Optional<String> nameFault(String name, Optional<Bank> own) {
        if (name.isBlank()) {
            return Optional.of("A bank needs a name.");
        }
        return scanning.banks().stream()
                .filter(each -> !Optional.of(each).equals(own))
                .filter(each -> each.name().equalsIgnoreCase(name.strip()))
                .findFirst()
                .map(each -> "There is a bank " + each.name()
                        + " already. Banks are told apart by their names; choose another.");
    }

    private Optional<String> blockFault(BankRule rule) {
        return rule.block()
                .filter(name ->
                        list.blocks().stream().noneMatch(each -> each.name().equals(name)))
                .map(name -> "There is no block \"" + name + "\" in this list.");
    }

    private Optional<String> missing(List<UUID> channels) {
        Set<UUID> there = new HashSet<>();
        list.entries().values().forEach(each -> there.add(each.id()));
        long gone = channels.stream().filter(each -> !there.contains(each)).count();
        return gone == 0
                ? Optional.empty()
                : Optional.of(gone + (gone == 1 ? " channel is" : " channels are")
                        + " no longer in the list. Nothing was changed.");
    }

    private interface Work {
        ListChange make();
    }

    private ListChange chosen(List<UUID> channels, Work work) {
        return channels.isEmpty()
                ? new ListChange.Refused("No channel is chosen. Mark some with the space bar.")
                : missing(channels).<ListChange>map(ListChange.Refused::new).orElseGet(work::make);
    }

    private ListChange with(String name, Function<Bank, ListChange> work) {
        return scanning.bank(name)
                .map(work)
                .orElseGet(() -> new ListChange.Refused("There is no bank \"" + name + "\" in this list any more."));
    }

    private ChannelList replaced(Bank bank, Bank instead) {
        return list.scannedBy(scanning.with(scanning.banks().stream()
                .map(each -> each.equals(bank) ? instead : each)
                .toList()));
    }

    private List<UUID> inSlotOrder(Collection<UUID> channels) {
        Set<UUID> wanted = new HashSet<>(channels);
        return list.entries().values().stream()
                .map(ListEntry::id)
                .filter(wanted::contains)
                .toList();
    }

    private String words(List<UUID> channels) {
        Set<UUID> wanted = new HashSet<>(channels);
        return ManyAtOnce.few(list.entries().values().stream()
                .filter(each -> wanted.contains(each.id()))
                .map(each -> each.channel().label())
                .toList());
    }

    private static String said(Optional<BankRule> rule) {
        return rule.map(each -> ": " + each.said()).orElse("");
    }

    private static String holding(ChannelList after, String bank) {
        int channels = ScanPlan.of(after).members(bank).size();
        return channels == 0 ? "; nothing is in it yet" : "; " + channels + (channels == 1 ? " channel" : " channels");
    }

    private ListChange changed(ChannelList after, String summary, List<UUID> about) {
        Set<UUID> wanted = new HashSet<>(about);
        int lookAt = after.entries().entrySet().stream()
                .filter(each -> wanted.contains(each.getValue().id()))
                .findFirst()
                .map(java.util.Map.Entry::getKey)
                .orElse(list.slots().first());
        return new ListChange.Changed(after, summary, lookAt);
    }
}
