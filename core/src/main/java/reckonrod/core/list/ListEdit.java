package reckonrod.core.list;

import java.util.ArrayList;
import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import reckonrod.core.channel.Channel;
import reckonrod.core.finding.Field;

/**
 * A change of a list, as a value: the one way in which lists change. What it did is told in its {@link ListChange.Changed}
 * and stands in the history under those words.
 */
public sealed interface ListEdit
        permits ListEdit.Put,
                ListEdit.PutHere,
                ListEdit.PutBlock,
                ListEdit.Rewrite,
                ListEdit.Delete,
                ListEdit.Move,
                ListEdit.Pin,
                ListEdit.ShortName,
                ListEdit.LayAside,
                ListEdit.LookAgain,
                ListEdit.TakeBlockOut,
                ListEdit.AddBlock,
                ListEdit.RenameBlock,
                ListEdit.ResizeBlock,
                ListEdit.MoveBlock,
                ListEdit.SplitBlock,
                ListEdit.JoinBlocks,
                ListEdit.RemoveBlock,
                ListEdit.KeepOrder,
                ListEdit.Fill,
                ListEdit.Order,
                ListEdit.CloseGaps,
                ListEdit.MoveMany,
                ListEdit.DeleteMany,
                ListEdit.PinMany,
                ListEdit.RewriteMany,
                ListEdit.Together,
                ListEdit.Rename,
                ListEdit.TakeIn,
                ListEdit.GoBy,
                ListEdit.GoBack,
                BankEdit {
    /** The list after the edit, or why there is none. */
    ListChange applyTo(ChannelList list);

    /**
     * Channels go to the blocks that they belong into; those that belong into none go into the slot and the free ones after it,
     * in order. All of them or none.
     *
     * @param entries one or more
     */
    record Put(int slot, List<ListEntry> entries) implements ListEdit {
        public Put {
            entries = List.copyOf(entries);
        }

        @Override
        public ListChange applyTo(ChannelList list) {
            return new Filing(list).put(slot, entries);
        }
    }

    /**
     * Channels go into the slot and the free ones after it, in order, whatever the blocks say; all of them or none.
     *
     * @param entries one or more
     */
    record PutHere(int slot, List<ListEntry> entries) implements ListEdit {
        public PutHere {
            entries = List.copyOf(entries);
        }

        @Override
        public ListChange applyTo(ChannelList list) {
            return list.putAll(slot, entries);
        }
    }

    /**
     * Channels go together into a new block: the first run of free slots that no block claims.
     *
     * @param slot where to begin to look
     */
    record PutBlock(String block, int slot, List<ListEntry> entries) implements ListEdit {
        public PutBlock {
            entries = List.copyOf(entries);
        }

        @Override
        public ListChange applyTo(ChannelList list) {
            return list.putBlock(block, slot, entries);
        }
    }

    /**
     * A channel becomes another one in its slot.
     *
     * @param line the line that gives it, as typed
     */
    record Rewrite(UUID id, Channel channel, String line) implements ListEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return list.edit(id, channel, line);
        }
    }

    /** A channel goes; its slot becomes free. */
    record Delete(UUID id) implements ListEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return list.delete(id);
        }
    }

    /** A channel goes to another slot. */
    record Move(UUID id, int slot, MoveWay way) implements ListEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return list.move(id, slot, way);
        }
    }

    /** A channel keeps its slot from now on, or keeps it no longer. */
    record Pin(UUID id, boolean pinned) implements ListEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return list.pin(id, pinned);
        }
    }

    /**
     * A channel shows under a short name of the person's choice on displays of so many characters, or as the rules shorten it.
     *
     * @param length how many characters, 1 to 31
     */
    record ShortName(UUID id, int length, Optional<String> name) implements ListEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return list.shortName(id, length, name.map(String::strip));
        }
    }

    /** A finding on a channel is laid aside. */
    record LayAside(UUID id, Dismissal dismissal) implements ListEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return list.dismiss(id, dismissal);
        }
    }

    /** A finding that was laid aside is looked at again. */
    record LookAgain(UUID id, String code, Field field) implements ListEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return list.lookAgain(id, code, field);
        }
    }

    /** A block goes, with the channels in it; pinned ones stay. */
    record TakeBlockOut(String block) implements ListEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return list.takeBlockOut(block);
        }
    }

    /** A block begins that holds the channels in its slots. */
    record AddBlock(String block, SlotRange slots) implements ListEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BlockWork(list).add(block, slots);
        }
    }

    /** A block is called otherwise. */
    record RenameBlock(String block, String name) implements ListEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BlockWork(list).rename(block, name);
        }
    }

    /** A block has other slots; no channel moves. */
    record ResizeBlock(String block, SlotRange slots) implements ListEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BlockWork(list).resize(block, slots);
        }
    }

    /** A block goes elsewhere with all in it, and what stands between gives way. */
    record MoveBlock(String block, int slot) implements ListEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BlockWork(list).move(block, slot);
        }
    }

    /** A block becomes two. */
    record SplitBlock(String block, int slot, String second) implements ListEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BlockWork(list).split(block, slot, second);
        }
    }

    /** A block and the one that follows become one. */
    record JoinBlocks(String block) implements ListEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BlockWork(list).merge(block);
        }
    }

    /** A block goes, and its channels stay. */
    record RemoveBlock(String block) implements ListEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BlockWork(list).remove(block);
        }
    }

    /** The channels of a block are kept in an order from now on, or stay as they are placed. */
    record KeepOrder(String block, Optional<Ordering> order) implements ListEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BlockWork(list).keepOrder(block, order);
        }
    }

    /** What belongs into a block goes there by itself from now on, what is in the list already too; or no longer. */
    record Fill(String block, Optional<Filling> filling) implements ListEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BlockWork(list).fill(block, filling);
        }
    }

    /** Channels are sorted within the slots that they have. */
    record Order(List<UUID> channels, Ordering by) implements ListEdit {
        public Order {
            channels = List.copyOf(channels);
        }

        @Override
        public ListChange applyTo(ChannelList list) {
            return new ManyAtOnce(list, channels).order(by);
        }
    }

    /** Channels come to stand one behind the other. */
    record CloseGaps(List<UUID> channels) implements ListEdit {
        public CloseGaps {
            channels = List.copyOf(channels);
        }

        @Override
        public ListChange applyTo(ChannelList list) {
            return new ManyAtOnce(list, channels).closeGaps();
        }
    }

    /** Channels go together to a slot and the free ones behind it. */
    record MoveMany(List<UUID> channels, int slot) implements ListEdit {
        public MoveMany {
            channels = List.copyOf(channels);
        }

        @Override
        public ListChange applyTo(ChannelList list) {
            return new ManyAtOnce(list, channels).moveTo(slot);
        }
    }

    /** Channels go, and their slots become free; pinned ones stay. */
    record DeleteMany(List<UUID> channels) implements ListEdit {
        public DeleteMany {
            channels = List.copyOf(channels);
        }

        @Override
        public ListChange applyTo(ChannelList list) {
            return new ManyAtOnce(list, channels).delete();
        }
    }

    /** Channels keep their slots from now on, or no longer. */
    record PinMany(List<UUID> channels, boolean pinned) implements ListEdit {
        public PinMany {
            channels = List.copyOf(channels);
        }

        @Override
        public ListChange applyTo(ChannelList list) {
            return new ManyAtOnce(list, channels).pin(pinned);
        }
    }

    /**
     * Several channels become others in their slots.
     *
     * @param channels those that change; none if all are so already
     * @param missing how many of those that were asked for the list has no more
     * @param said what is done
     */
    record RewriteMany(List<Rewrite> channels, int missing, String said) implements ListEdit {
        public RewriteMany {
            channels = List.copyOf(channels);
        }

        @Override
        public ListChange applyTo(ChannelList list) {
            if (missing > 0) {
                return new ListChange.Refused(missing + (missing == 1 ? " channel is" : " channels are")
                        + " no longer in the list. Nothing was changed.");
            }
            return channels.isEmpty()
                    ? new ListChange.Refused("They are so already. Nothing was changed.")
                    : list.rewritten(channels, said);
        }
    }

    /**
     * Several edits under one name, all of them or none.
     *
     * @param edits one or more
     * @param said what they are together
     */
    record Together(List<ListEdit> edits, String said) implements ListEdit {
        public Together {
            edits = List.copyOf(edits);
        }

        @Override
        public ListChange applyTo(ChannelList list) {
            if (edits.isEmpty()) {
                return new ListChange.Refused("Nothing was chosen, so there is nothing to do.");
            }
            ListChange.Changed now =
                    new ListChange.Changed(list, said, list.slots().first());
            for (ListEdit edit : edits) {
                ListChange next = edit.applyTo(now.list());
                if (next instanceof ListChange.Refused refused) {
                    return new ListChange.Refused(refused.reason() + " None of it was done.");
                }
                now = new ListChange.Changed(
                        ((ListChange.Changed) next).list(), said, ((ListChange.Changed) next).slot());
            }
            return now;
        }
    }

    /** The list is called otherwise. */
    record Rename(String name) implements ListEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return name.isBlank()
                    ? new ListChange.Refused("A list needs a name.")
                    : new ListChange.Changed(
                            list.copyNamed(name.strip(), 0),
                            "Call the list " + name.strip(),
                            list.slots().first());
        }
    }

    /** Channels from a directory are named so from now on, and these are the first. */
    record TakeIn(NameRecipe naming, int slot, List<ListEntry> entries) implements ListEdit {
        public TakeIn {
            entries = List.copyOf(entries);
        }

        @Override
        public ListChange applyTo(ChannelList list) {
            return new Filing(list.namedBy(naming)).put(slot, entries);
        }
    }

    /**
     * The list goes by another plan and licence.
     *
     * @param planId the plan
     * @param licence the class of licence of that plan
     * @param words the two as people say them
     * @param entries the channels as that plan works them out
     */
    record GoBy(String planId, String licence, String words, NavigableMap<Integer, ListEntry> entries)
            implements ListEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new ListChange.Changed(
                    list.byPlan(planId, licence, entries),
                    "Go by " + words,
                    list.slots().first());
        }
    }

    /** The list becomes as it was at another time. */
    record GoBack(ChannelList past, String words) implements ListEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new ListChange.Changed(
                    past, "Back to: " + words, list.slots().first());
        }
    }

    /** The most characters of what several edits are called together. */
    int MOST_SUMMARY_CHARACTERS = 200;

    /**
     * Several edits that stand or fall together; afterwards the rules of the blocks are true again.
     *
     * @param edits each worked out from the list as those before it leave it; one or more
     */
    static ListChange applyAll(ChannelList list, List<Function<ChannelList, ListEdit>> edits) {
        ListChange.Changed now = new ListChange.Changed(list, "", list.slots().first());
        List<String> summaries = new ArrayList<>();
        for (int i = 0; i < edits.size(); i++) {
            ListChange next = edits.get(i).apply(now.list()).applyTo(now.list());
            if (next instanceof ListChange.Refused refused) {
                return edits.size() == 1
                        ? refused
                        : new ListChange.Refused("Change " + (i + 1) + " of " + edits.size() + ": " + refused.reason()
                                + " None of them was made.");
            }
            now = (ListChange.Changed) next;
            summaries.add(now.summary());
        }
        return Keeping.after(list, new ListChange.Changed(now.list(), together(summaries), now.slot()));
    }

    private static String together(List<String> summaries) {
        if (summaries.size() == 1) {
            return summaries.get(0);
        }
        String all =
                summaries.size() + " changes: " + summaries.stream().distinct().collect(Collectors.joining("; "));
        return all.length() <= MOST_SUMMARY_CHARACTERS ? all : all.substring(0, MOST_SUMMARY_CHARACTERS - 1) + "…";
    }
}
