package reckonrod.server.arrange;

import com.fasterxml.jackson.annotation.JsonTypeName;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import reckonrod.core.list.BlockEdit;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEdit;

/** Changes of blocks. */
sealed interface BlockEdits extends EditRequest {
    /** A block that holds the channels in its slots. */
    @JsonTypeName("add-block")
    @Schema(name = "AddBlockEdit")
    record AddBlock(
            @NotBlank(message = BLANK) @Size(max = MOST_NAME, message = LONG_NAME)
            String block,

            @Valid @NotNull(message = NEEDED) Slots slots)
            implements BlockEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new BlockEdit.AddBlock(block, EditReader.range(slots));
        }
    }

    /** Another name for a block. */
    @JsonTypeName("rename-block")
    @Schema(name = "RenameBlockEdit")
    record RenameBlock(
            @NotBlank(message = BLANK) String block,

            @NotBlank(message = BLANK) @Size(max = MOST_NAME, message = LONG_NAME)
            String name)
            implements BlockEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new BlockEdit.RenameBlock(block, name);
        }
    }

    /** Other slots for a block; no channel moves. */
    @JsonTypeName("resize-block")
    @Schema(name = "ResizeBlockEdit")
    record ResizeBlock(
            @NotBlank(message = BLANK) String block,
            @Valid @NotNull(message = NEEDED) Slots slots) implements BlockEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new BlockEdit.ResizeBlock(block, EditReader.range(slots));
        }
    }

    /** A block goes elsewhere with all in it; what stands between gives way. */
    @JsonTypeName("move-block")
    @Schema(name = "MoveBlockEdit")
    record MoveBlock(
            @NotBlank(message = BLANK) String block,
            @NotNull(message = NEEDED) Integer slot) implements BlockEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new BlockEdit.MoveBlock(block, slot);
        }
    }

    /** A block becomes two; the second begins at the slot. */
    @JsonTypeName("split-block")
    @Schema(name = "SplitBlockEdit")
    record SplitBlock(
            @NotBlank(message = BLANK) String block,
            @NotNull(message = NEEDED) Integer slot,

            @NotBlank(message = BLANK) @Size(max = MOST_NAME, message = LONG_NAME)
            String second)
            implements BlockEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new BlockEdit.SplitBlock(block, slot, second);
        }
    }

    /** A block and the one that follows it become one. */
    @JsonTypeName("join-blocks")
    @Schema(name = "JoinBlocksEdit")
    record JoinBlocks(@NotBlank(message = BLANK) String block) implements BlockEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new BlockEdit.JoinBlocks(block);
        }
    }

    /** A block goes, and its channels stay. */
    @JsonTypeName("remove-block")
    @Schema(name = "RemoveBlockEdit")
    record RemoveBlock(@NotBlank(message = BLANK) String block) implements BlockEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new BlockEdit.RemoveBlock(block);
        }
    }

    /**
     * The order that the channels of a block are kept in.
     *
     * @param by the order; they stay as they are placed if left out
     * @param from where distances are taken from
     * @param via the places that a way leads by
     */
    @JsonTypeName("keep-order")
    @Schema(name = "KeepOrderEdit")
    record KeepOrder(
            @NotBlank(message = BLANK) String block,
            @Schema(nullable = true) By by,
            @Valid @Schema(nullable = true) SpotView from,

            @Valid @Schema(nullable = true) @Size(max = 50, message = "must be at most 50 places")
            List<@NotNull(message = NEEDED) SpotView> via)
            implements BlockEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new BlockEdit.KeepOrder(block, Optional.ofNullable(by).map(each -> each.ordering(from, via, with)));
        }
    }

    /** A block goes, with the channels in it. */
    @JsonTypeName("take-block-out")
    @Schema(name = "TakeBlockOutEdit")
    record TakeBlockOut(@NotBlank(message = NEEDED) String block) implements BlockEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new BlockEdit.TakeBlockOut(block);
        }
    }

    /**
     * What belongs into a block goes there by itself from now on, what is in the list already too.
     *
     * @param filling what belongs there; nothing if it is filled by hand
     */
    @JsonTypeName("fill-block")
    @Schema(name = "FillBlockEdit")
    record FillBlock(
            @NotBlank(message = BLANK) String block,
            @Valid @Schema(nullable = true) FillingView filling) implements BlockEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return with.fill(this, list);
        }
    }

    /**
     * How channels from a directory are named that go into a block.
     *
     * @param naming the recipe; that of the list if left out
     */
    @JsonTypeName("name-block")
    @Schema(name = "NameBlockEdit")
    record NameBlock(
            @NotBlank(message = BLANK) String block,
            @Valid @Schema(nullable = true) NamingView naming) implements BlockEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new BlockEdit.NameBlock(block, with.naming(naming));
        }
    }
}
