package reckonrod.core.list;

import java.util.Optional;

/** Changes of the blocks of a list. */
public sealed interface BlockEdit extends ListEdit {
    /** A block goes, with the channels in it; pinned ones stay. */
    record TakeBlockOut(String block) implements BlockEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return list.takeBlockOut(block);
        }
    }

    /** A block begins that holds the channels in its slots. */
    record AddBlock(String block, SlotRange slots) implements BlockEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BlockWork(list).add(block, slots);
        }
    }

    /** A block is called otherwise. */
    record RenameBlock(String block, String name) implements BlockEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BlockWork(list).rename(block, name);
        }
    }

    /** A block has other slots; no channel moves. */
    record ResizeBlock(String block, SlotRange slots) implements BlockEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BlockWork(list).resize(block, slots);
        }
    }

    /** A block goes elsewhere with all in it, and what stands between gives way. */
    record MoveBlock(String block, int slot) implements BlockEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BlockWork(list).move(block, slot);
        }
    }

    /** A block becomes two. */
    record SplitBlock(String block, int slot, String second) implements BlockEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BlockWork(list).split(block, slot, second);
        }
    }

    /** A block and the one that follows become one. */
    record JoinBlocks(String block) implements BlockEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BlockWork(list).merge(block);
        }
    }

    /** A block goes, and its channels stay. */
    record RemoveBlock(String block) implements BlockEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BlockWork(list).remove(block);
        }
    }

    /** The channels of a block are kept in an order from now on, or stay as they are placed. */
    record KeepOrder(String block, Optional<Ordering> order) implements BlockEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BlockWork(list).keepOrder(block, order);
        }
    }

    /** What belongs into a block goes there by itself from now on, what is in the list already too; or no longer. */
    record Fill(String block, Optional<Filling> filling) implements BlockEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BlockWork(list).fill(block, filling);
        }
    }

    /** Channels from a directory that go into a block are named so from now on, or as the list has it. */
    record NameBlock(String block, Optional<NameRecipe> naming) implements BlockEdit {
        @Override
        public ListChange applyTo(ChannelList list) {
            return new BlockWork(list).name(block, naming);
        }
    }
}
