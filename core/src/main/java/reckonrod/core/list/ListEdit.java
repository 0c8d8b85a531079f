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
                ListEdit.Together,
                ListEdit.Rename,
                ListEdit.Mean,
                ListEdit.TakeIn,
                ListEdit.GoBy,
                ListEdit.GoBack,
                BankEdit,
                BlockEdit,
                ManyEdit {
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

    /** What the list is for, or how its channels are to be, is said otherwise; no channel changes by that. */
    record Mean(Intent intent, String said) implements ListEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return list.intent().equals(intent)
                    ? new ListChange.Refused("It is so already. Nothing was changed.")
                    : new ListChange.Changed(
                            list.meant(intent), said, list.slots().first());
        }
    }

    /** Channels from a directory are named so from now on, and these are the first. */
    record TakeIn(NameRecipe naming, int slot, List<ListEntry> entries) implements ListEdit {
        public TakeIn {
            entries = List.copyOf(entries);
        }

        @Override
        public ListChange applyTo(ChannelList list) {
            return new Filing(list.meant(list.intent().naming(naming))).put(slot, entries);
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
