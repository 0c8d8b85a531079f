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

    private final ChannelList list;
    private final List<Block> blocks;
    private final NavigableMap<Integer, ListEntry> entries;

    Filing(ChannelList list) {
        this.list = list;
        this.blocks = new ArrayList<>(list.blocks());
        this.entries = new TreeMap<>(list.entries());
    }

    /** The list as it is by now. */
    ChannelList list() {
        return list.arranged(blocks, entries);
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
    ListChange put(int elsewhere, List<ListEntry> added) {
        if (!list.fillsItself() || added.isEmpty() || !list.slots().contains(elsewhere)) {
            return list.putAll(elsewhere, added);
        }
        Map<String, List<Integer>> filled = new LinkedHashMap<>();
        List<ListEntry> others = new ArrayList<>();
        try {
            for (ListEntry entry : added) {
                Optional<Block> own = own(entry);
                if (own.isPresent()) {
                    int slot = file(entry, own.get());
                    filled.computeIfAbsent(blockAt(slot).orElseThrow().name(), name -> new ArrayList<>())
                            .add(slot);
                } else {
                    others.add(entry);
                }
            }
        } catch (NoRoomException full) {
            return new ListChange.Refused(full.getMessage());
        }
        List<String> said = filled.entrySet().stream()
                .map(each -> into(each.getKey(), each.getValue()))
                .collect(Collectors.toCollection(ArrayList::new));
        List<Integer> free = freeOutside(elsewhere, others.size());
        if (free.size() < others.size()) {
            return new ListChange.Refused(noRoomOutside(others, elsewhere, free.size()));
        }
        for (int i = 0; i < others.size(); i++) {
            entries.put(free.get(i), others.get(i));
        }
        if (!others.isEmpty()) {
            said.add((filled.isEmpty() ? "" : others.size() + " ") + "from slot " + free.get(0));
        }
        int lookAt = filled.isEmpty()
                ? free.get(0)
                : filled.values().iterator().next().get(0);
        String what = added.size() > 1
                ? added.size() + " channels" + (filled.isEmpty() ? " " : ": ") + few(said)
                : added.get(0).channel().label() + (filled.isEmpty() ? "" : " " + said.get(0));
        return new ListChange.Changed(list(), "Put " + what, lookAt);
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

    /** Slots that no block that is filled by itself claims. */
    private List<Integer> freeOutside(int from, int count) {
        return IntStream.rangeClosed(from, list.slots().last())
                .filter(each -> !entries.containsKey(each))
                .filter(each -> blockAt(each).flatMap(Block::filling).isEmpty())
                .limit(count)
                .boxed()
                .toList();
    }

    private String noRoomOutside(List<ListEntry> others, int from, int free) {
        return (others.size() == 1
                        ? others.get(0).channel().label() + " belongs into no block, and"
                        : others.size() + " channels belong into no block, and")
                + " from slot " + from + " to " + list.slots().last() + " there is room for " + free
                + " outside of the blocks that are filled by themselves. Start at an earlier slot, or make room.";
    }

    /**
     * Brings a channel of the list into a block.
     *
     * @return whether it stands there now; otherwise it stays where it is
     */
    boolean bring(int from, Block into) {
        ListEntry entry = entries.remove(from);
        Optional<String> left = blockAt(from).map(Block::name);
        try {
            int slot = file(entry, into);
            // One that was passed on to the block that it stands in stays in its slot.
            if (!blockAt(slot).map(Block::name).equals(left)) {
                return true;
            }
            entries.remove(slot);
        } catch (NoRoomException full) {
            // It stays.
        }
        entries.put(from, entry);
        return false;
    }

    /** The first block that a channel belongs into. */
    Optional<Block> own(ListEntry entry) {
        return blocks.stream()
                .filter(block -> block.filling()
                        .filter(filling -> filling.belongs().holds(entry))
                        .isPresent())
                .findFirst();
    }

    private int file(ListEntry entry, Block block) {
        Filling filling = block.filling().orElseThrow();
        Optional<Integer> slot = room(block, filling.spare());
        if (slot.isEmpty() && filling.full().grows() && canGrow(block)) {
            Block grown =
                    block.at(new SlotRange(block.slots().first(), block.slots().last() + 1));
            slot = room(grown, filling.spare());
            if (slot.isPresent()) {
                blocks.set(blocks.indexOf(block), grown);
            }
        }
        Optional<String> next = filling.full().passesTo();
        if (slot.isEmpty() && next.isPresent()) {
            slot = named(next.get()).flatMap(each -> room(each, 0));
        }
        if (slot.isEmpty()) {
            throw new NoRoomException(noRoom(entry, block, filling));
        }
        entries.put(slot.get(), entry);
        return slot.get();
    }

    private Optional<Block> named(String name) {
        return blocks.stream().filter(each -> each.name().equals(name)).findFirst();
    }

    /** The block that claims a slot by now. */
    Optional<Block> blockAt(int slot) {
        return blocks.stream().filter(each -> each.slots().contains(slot)).findFirst();
    }

    private Optional<Integer> room(Block block, int spare) {
        return IntStream.rangeClosed(block.slots().first(), block.slots().last() - spare)
                .filter(slot -> !entries.containsKey(slot))
                .boxed()
                .findFirst();
    }

    private boolean canGrow(Block block) {
        int next = block.slots().last() + 1;
        return list.slots().contains(next)
                && !entries.containsKey(next)
                && blockAt(next).isEmpty();
    }

    private static String noRoom(ListEntry entry, Block block, Filling filling) {
        return entry.channel().label() + " belongs into block " + block.name() + " ("
                + filling.belongs().said() + "), and no slot of " + block.slots() + " is free"
                + (filling.spare() == 0 ? "" : " but for the " + filling.spare() + " at its end that are kept spare")
                + filling.full().why() + ". Make room there, or put it into a slot of your choice.";
    }
}
