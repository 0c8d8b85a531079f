package reckonrod.core.take;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.list.Block;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEdit;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.NameRecipe;
import reckonrod.core.notation.LineWriter;

/** Names what is taken from a directory by where it comes to stand: a block may have a recipe of its own, and names may count. */
public final class TakenNames {
    /** The number of what stands nowhere yet. */
    static final int STANDS_NOWHERE = -1;

    private TakenNames() {}

    /**
     * The edit that takes channels in.
     *
     * @param recipe how those are named that go into no block with a recipe of its own
     * @param block the new block that they go into together; absent where each goes where it belongs
     * @param slot where to look for room
     * @param entries as {@link Taking} gives them
     */
    public static ListEdit taking(
            ChannelList list,
            NameRecipe recipe,
            Optional<String> block,
            int slot,
            List<ListEntry> entries,
            BandPlan plan) {
        ListEdit first = edit(recipe, block, slot, entries);
        boolean depends = recipe.counts()
                || list.blocks().stream().anyMatch(each -> each.naming().isPresent());
        return depends
                ? first.applyTo(list)
                        .fold(
                                there -> edit(recipe, block, slot, named(there.list(), recipe, entries, plan)),
                                refused -> first)
                : first;
    }

    private static ListEdit edit(NameRecipe recipe, Optional<String> block, int slot, List<ListEntry> entries) {
        return block.<ListEdit>map(name -> new ListEdit.PutBlock(name, slot, entries))
                .orElseGet(() -> new ListEdit.TakeIn(recipe, slot, entries));
    }

    private static List<ListEntry> named(ChannelList there, NameRecipe recipe, List<ListEntry> entries, BandPlan plan) {
        Set<UUID> taken = entries.stream().map(ListEntry::id).collect(Collectors.toSet());
        Set<String> names = new HashSet<>();
        Map<UUID, Integer> slots = new HashMap<>();
        there.entries().forEach((slot, entry) -> {
            if (taken.contains(entry.id())) {
                slots.put(entry.id(), slot);
            } else {
                names.add(Taking.folded(entry.channel().name()));
            }
        });
        List<ListEntry> named = new ArrayList<>();
        for (ListEntry entry : entries) {
            int slot = slots.get(entry.id());
            NameRecipe own = there.blockAt(slot).flatMap(Block::naming).orElse(recipe);
            Channel channel = Taking.named(
                    entry.channel(), entry.origin().orElseThrow(), own, NameRecipe.number(there, slot), names, plan);
            named.add(ListEntry.taken(
                    entry.id(),
                    channel,
                    LineWriter.write(channel, plan),
                    entry.origin().orElseThrow()));
        }
        return named;
    }
}
