package reckonrod.core.list;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** Keeps the rules of blocks true after a change. Pinned channels stay where they are, whatever the rule. */
final class Keeping {
    private Keeping() {}

    /**
     * The change with what the rules make of it.
     *
     * @param before the list before the change
     */
    static ListChange after(ChannelList before, ListChange.Changed change) {
        StringBuilder said = new StringBuilder(change.summary());
        ChannelList settled = banksOfGoneBlocks(before, change.list(), said);
        ChannelList kept = whereTheyBelong(settled, said);
        boolean filed = !kept.equals(settled);
        Optional<Block> ruling = Optional.empty();
        for (Block block : kept.blocks()) {
            Optional<ChannelList> next = block.order().flatMap(inOrder(kept, block));
            if (next.isPresent()) {
                int moved = moved(kept, next.get());
                said.append("; ")
                        .append(moved)
                        .append(moved == 1 ? " takes its place in " : " take their place in ")
                        .append(block.name());
                kept = next.get();
                ruling = Optional.of(block);
            }
        }
        if (filed && kept.equals(before)) {
            return new ListChange.Refused(said
                    + ", so everything would stand as it stood. Pin it there after the block is filled by hand (b).");
        }
        if (ruling.isPresent() && kept.equals(before)) {
            return new ListChange.Refused(
                    "Block " + ruling.get().name() + " is kept in order by "
                            + ruling.get().order().get().words()
                            + ", so everything would stand as it stood. Pin the channel, or let the block be as it is placed (b).");
        }
        return new ListChange.Changed(kept, said.toString(), followed(change, kept));
    }

    /** A bank that held what a block had keeps that when the block goes. */
    private static ChannelList banksOfGoneBlocks(ChannelList before, ChannelList list, StringBuilder said) {
        List<Bank> banks = new ArrayList<>();
        for (Bank bank : list.scanning().banks()) {
            Optional<String> gone = bank.rule()
                    .flatMap(BankRule::block)
                    .filter(name ->
                            list.blocks().stream().noneMatch(each -> each.name().equals(name)));
            if (gone.isPresent()) {
                banks.add(
                        bank.ruled(Optional.empty()).holding(ScanPlan.of(before).members(bank.name())));
                said.append("; bank ")
                        .append(bank.name())
                        .append(" keeps what it had of block ")
                        .append(gone.get());
            } else {
                banks.add(bank);
            }
        }
        return banks.equals(list.scanning().banks())
                ? list
                : list.scannedBy(list.scanning().with(banks));
    }

    /** What stands in a block that is filled by itself and belongs into another one goes there, if that has room. */
    private static ChannelList whereTheyBelong(ChannelList list, StringBuilder said) {
        if (!list.fillsItself()) {
            return list;
        }
        Filing filing = new Filing(list);
        Map<String, List<String>> went = new LinkedHashMap<>();
        list.entries().forEach((slot, entry) -> {
            if (isStranger(list, slot, entry)) {
                filing.own(entry)
                        .filter(own -> filing.bring(slot, own))
                        .ifPresent(own -> went.computeIfAbsent(own.name(), name -> new ArrayList<>())
                                .add(entry.channel().label()));
            }
        });
        went.forEach((block, labels) -> said.append("; ")
                .append(ManyAtOnce.few(labels))
                .append(labels.size() == 1 ? " belongs into " : " belong into ")
                .append(block));
        return filing.list();
    }

    private static boolean isStranger(ChannelList list, int slot, ListEntry entry) {
        return !entry.pinned()
                && list.blockAt(slot)
                        .flatMap(Block::filling)
                        .filter(it -> !it.belongs().holds(entry))
                        .isPresent();
    }

    private static java.util.function.Function<Ordering, Optional<ChannelList>> inOrder(ChannelList list, Block block) {
        return order -> {
            List<UUID> channels =
                    list
                            .entries()
                            .subMap(block.slots().first(), true, block.slots().last(), true)
                            .values()
                            .stream()
                            .map(ListEntry::id)
                            .toList();
            return new ManyAtOnce(list, channels)
                    .order(order)
                    .fold(changed -> Optional.of(changed.list()), refused -> Optional.empty());
        };
    }

    private static int moved(ChannelList from, ChannelList to) {
        return (int) from.entries().entrySet().stream()
                .filter(each -> !each.getValue().equals(to.entries().get(each.getKey())))
                .count();
    }

    /** The slot to look at: that of the channel that was to be looked at, wherever it stands now. */
    private static int followed(ListChange.Changed change, ChannelList kept) {
        return Optional.ofNullable(change.list().entries().get(change.slot()))
                .flatMap(entry -> kept.slotOf(entry.id()))
                .orElse(change.slot());
    }
}
