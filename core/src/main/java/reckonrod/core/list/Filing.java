package reckonrod.core.list;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Puts channels where they belong by what the blocks say. Of several blocks that a channel belongs into the first one has it. A
 * block without room grows, refuses or passes on, as it says.
 */
final class Filing {
    private static final int MOST_SAID = 4;

    private ChannelList list;

    Filing(ChannelList list) {
        this.list = list;
    }

    /** The list as it is by now. */
    ChannelList list() {
        return list;
    }

    private static final class NoRoomException extends RuntimeException {
        private static final long serialVersionUID = 1;

        NoRoomException(String reason) {
            super(reason, null, false, false);
        }
    }

    /**
     * New channels, each into its block; those that belong into none, to a slot and the free ones after it. All of them or none.
     *
     * @param elsewhere the slot for those that belong into no block
     */
    ListChange put(int elsewhere, List<ListEntry> entries) {
        boolean byHand =
                list.blocks().stream().noneMatch(block -> block.filling().isPresent());
        if (byHand || entries.isEmpty() || !list.slots().contains(elsewhere)) {
            return list.putAll(elsewhere, entries);
        }
        Map<String, List<Integer>> filled = new LinkedHashMap<>();
        List<ListEntry> others = new ArrayList<>();
        try {
            for (ListEntry entry : entries) {
                Optional<Block> own = own(entry);
                if (own.isPresent()) {
                    int slot = file(entry, own.get());
                    filled.computeIfAbsent(list.blockAt(slot).orElseThrow().name(), name -> new ArrayList<>())
                            .add(slot);
                } else {
                    others.add(entry);
                }
            }
        } catch (NoRoomException full) {
            return new ListChange.Refused(full.getMessage());
        }
        if (filled.isEmpty()) {
            return putOutside(elsewhere, others);
        }
        List<String> said = filled.entrySet().stream()
                .map(each -> into(each.getKey(), each.getValue()))
                .collect(Collectors.toCollection(ArrayList::new));
        int lookAt = filled.values().iterator().next().get(0);
        if (!others.isEmpty()) {
            ListChange rest = putOutside(elsewhere, others);
            if (rest instanceof ListChange.Refused refused) {
                return refused;
            }
            list = ((ListChange.Changed) rest).list();
            said.add(others.size() + " from slot " + ((ListChange.Changed) rest).slot());
        }
        String what = entries.size() == 1 ? entries.get(0).channel().label() + " " : entries.size() + " channels: ";
        return new ListChange.Changed(list, "Put " + what + few(said), lookAt);
    }

    private static String few(List<String> said) {
        return said.size() <= MOST_SAID
                ? String.join("; ", said)
                : String.join("; ", said.subList(0, MOST_SAID)) + "; and into " + (said.size() - MOST_SAID)
                        + " more blocks";
    }

    private String into(String name, List<Integer> slots) {
        String why = named(name)
                .flatMap(Block::filling)
                .map(filling -> " for " + filling.belongs().said())
                .orElse("");
        return (slots.size() == 1 ? "into slot " + slots.get(0) + " of" : slots.size() + " into") + " block " + name
                + why;
    }

    /** Where they do not get into a block that is filled by itself; pushed in by hand they still may stand there. */
    private ListChange putOutside(int slot, List<ListEntry> entries) {
        List<Integer> free = IntStream.rangeClosed(slot, list.slots().last())
                .filter(each -> !list.entries().containsKey(each))
                .filter(each -> list.blockAt(each).flatMap(Block::filling).isEmpty())
                .limit(entries.size())
                .boxed()
                .toList();
        if (free.size() < entries.size()) {
            return new ListChange.Refused((entries.size() == 1
                            ? entries.get(0).channel().label() + " belongs into no block, and"
                            : entries.size() + " channels belong into no block, and")
                    + " from slot " + slot + " to " + list.slots().last() + " there is room for " + free.size()
                    + " outside of the blocks that are filled by themselves. Start at an earlier slot, or make room.");
        }
        NavigableMap<Integer, ListEntry> next = new TreeMap<>(list.entries());
        for (int i = 0; i < free.size(); i++) {
            next.put(free.get(i), entries.get(i));
        }
        return new ListChange.Changed(
                list.with(next),
                entries.size() == 1
                        ? "Put " + entries.get(0).channel().label()
                        : "Put " + entries.size() + " channels from slot " + free.get(0),
                free.get(0));
    }

    /**
     * Brings a channel of the list into a block.
     *
     * @return whether it stands there now; otherwise it stays where it is
     */
    boolean bring(int from, Block into) {
        ChannelList before = list;
        NavigableMap<Integer, ListEntry> without = new TreeMap<>(list.entries());
        ListEntry entry = without.remove(from);
        list = list.with(without);
        Optional<String> left = list.blockAt(from).map(Block::name);
        try {
            int slot = file(entry, into);
            // One that was passed on to the block that it stands in stays in its slot.
            if (list.blockAt(slot).map(Block::name).equals(left)) {
                list = before;
                return false;
            }
            return true;
        } catch (NoRoomException full) {
            list = before;
            return false;
        }
    }

    /** The first block that a channel belongs into. */
    Optional<Block> own(ListEntry entry) {
        return list.blocks().stream()
                .filter(block -> block.filling()
                        .filter(filling -> filling.belongs().holds(entry.channel()))
                        .isPresent())
                .findFirst();
    }

    private int file(ListEntry entry, Block block) {
        Filling filling = block.filling().orElseThrow();
        Optional<Integer> slot = room(block, filling.spare());
        if (slot.isEmpty() && filling.full().grows() && canGrow(block)) {
            Block grown =
                    block.at(new SlotRange(block.slots().first(), block.slots().last() + 1));
            list = list.arranged(
                    list.blocks().stream()
                            .map(each -> each.equals(block) ? grown : each)
                            .toList(),
                    list.entries());
            slot = room(grown, filling.spare());
        }
        Optional<String> next = filling.full().passesTo();
        if (slot.isEmpty() && next.isPresent()) {
            slot = named(next.get()).flatMap(each -> room(each, 0));
        }
        if (slot.isEmpty()) {
            throw new NoRoomException(noRoom(entry, block, filling));
        }
        NavigableMap<Integer, ListEntry> entries = new TreeMap<>(list.entries());
        entries.put(slot.get(), entry);
        list = list.with(entries);
        return slot.get();
    }

    private Optional<Block> named(String name) {
        return list.blocks().stream().filter(each -> each.name().equals(name)).findFirst();
    }

    private Optional<Integer> room(Block block, int spare) {
        return IntStream.rangeClosed(block.slots().first(), block.slots().last() - spare)
                .filter(slot -> !list.entries().containsKey(slot))
                .boxed()
                .findFirst();
    }

    private boolean canGrow(Block block) {
        int next = block.slots().last() + 1;
        return list.slots().contains(next)
                && !list.entries().containsKey(next)
                && list.blockAt(next).isEmpty();
    }

    private static String noRoom(ListEntry entry, Block block, Filling filling) {
        return entry.channel().label() + " belongs into block " + block.name() + " ("
                + filling.belongs().said() + "), and no slot of " + block.slots() + " is free"
                + (filling.spare() == 0 ? "" : " but for the " + filling.spare() + " at its end that are kept spare")
                + filling.full().why() + ". Make room there, or put it into a slot of your choice.";
    }
}
