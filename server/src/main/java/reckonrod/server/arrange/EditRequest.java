package reckonrod.server.arrange;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonTypeName;
import io.swagger.v3.oas.annotations.media.DiscriminatorMapping;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import reckonrod.core.judge.Review;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.Dismissal;
import reckonrod.core.list.ListEdit;
import reckonrod.core.list.MoveWay;
import reckonrod.core.list.Ordering;
import reckonrod.server.take.TakeLook;

/** A change of a list on the wire. Channels come in as lines and are worked out here anew. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@Schema(
        discriminatorProperty = "kind",
        discriminatorMapping = {
            @DiscriminatorMapping(value = "put", schema = EditRequest.Put.class),
            @DiscriminatorMapping(value = "rewrite", schema = EditRequest.Rewrite.class),
            @DiscriminatorMapping(value = "delete", schema = EditRequest.Delete.class),
            @DiscriminatorMapping(value = "move", schema = EditRequest.Move.class),
            @DiscriminatorMapping(value = "pin", schema = EditRequest.Pin.class),
            @DiscriminatorMapping(value = "lay-aside", schema = EditRequest.LayAside.class),
            @DiscriminatorMapping(value = "look-again", schema = EditRequest.LookAgain.class),
            @DiscriminatorMapping(value = "take", schema = EditRequest.Take.class),
            @DiscriminatorMapping(value = "take-block-out", schema = EditRequest.TakeBlockOut.class),
            @DiscriminatorMapping(value = "go-by", schema = EditRequest.GoBy.class),
            @DiscriminatorMapping(value = "add-block", schema = EditRequest.AddBlock.class),
            @DiscriminatorMapping(value = "rename-block", schema = EditRequest.RenameBlock.class),
            @DiscriminatorMapping(value = "resize-block", schema = EditRequest.ResizeBlock.class),
            @DiscriminatorMapping(value = "move-block", schema = EditRequest.MoveBlock.class),
            @DiscriminatorMapping(value = "split-block", schema = EditRequest.SplitBlock.class),
            @DiscriminatorMapping(value = "join-blocks", schema = EditRequest.JoinBlocks.class),
            @DiscriminatorMapping(value = "remove-block", schema = EditRequest.RemoveBlock.class),
            @DiscriminatorMapping(value = "keep-order", schema = EditRequest.KeepOrder.class),
            @DiscriminatorMapping(value = "order", schema = EditRequest.Order.class),
            @DiscriminatorMapping(value = "close-gaps", schema = EditRequest.CloseGaps.class),
            @DiscriminatorMapping(value = "move-many", schema = EditRequest.MoveMany.class),
            @DiscriminatorMapping(value = "delete-many", schema = EditRequest.DeleteMany.class),
            @DiscriminatorMapping(value = "pin-many", schema = EditRequest.PinMany.class),
            @DiscriminatorMapping(value = "take-over", schema = EditRequest.TakeOver.class),
            @DiscriminatorMapping(value = "rename", schema = EditRequest.Rename.class),
        },
        oneOf = {
            EditRequest.Put.class,
            EditRequest.Rewrite.class,
            EditRequest.Delete.class,
            EditRequest.Move.class,
            EditRequest.Pin.class,
            EditRequest.LayAside.class,
            EditRequest.LookAgain.class,
            EditRequest.Take.class,
            EditRequest.TakeBlockOut.class,
            EditRequest.GoBy.class,
            EditRequest.AddBlock.class,
            EditRequest.RenameBlock.class,
            EditRequest.ResizeBlock.class,
            EditRequest.MoveBlock.class,
            EditRequest.SplitBlock.class,
            EditRequest.JoinBlocks.class,
            EditRequest.RemoveBlock.class,
            EditRequest.KeepOrder.class,
            EditRequest.Order.class,
            EditRequest.CloseGaps.class,
            EditRequest.MoveMany.class,
            EditRequest.DeleteMany.class,
            EditRequest.PinMany.class,
            EditRequest.TakeOver.class,
            EditRequest.Rename.class,
        })
sealed interface EditRequest {
    String NEEDED = "must be given";
    String BLANK = "must not be blank";
    String LONG_NAME = "must be at most 60 characters";
    int MOST_NAME = 60;

    /** The edit that it asks for, of the list that it is made to. */
    ListEdit read(EditReader with, ChannelList list);

    /** Slots from the first to the last, both inside. */
    record Slots(
            @NotNull(message = NEEDED) Integer first,
            @NotNull(message = NEEDED) Integer last) {}

    /**
     * Lines for the slot and the free ones after it.
     *
     * @param block if given, they go together into a new block of that name, from that slot on
     */
    @JsonTypeName("put")
    @Schema(name = "PutEdit")
    record Put(
            @NotNull(message = NEEDED) Integer slot,

            @NotEmpty(message = "must hold at least one line")
            @Size(max = Review.MOST_LINES, message = "must be at most 5000 lines")
            List<@NotNull(message = NEEDED) String> lines,

            @Schema(nullable = true) @Size(max = 60, message = "must be at most 60 characters")
            String block)
            implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return with.put(this, list);
        }
    }

    /** Another line for a channel. */
    @JsonTypeName("rewrite")
    @Schema(name = "RewriteEdit")
    record Rewrite(
            @NotNull(message = NEEDED) UUID channel,
            @NotNull(message = NEEDED) String line) implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return with.rewrite(this, list);
        }
    }

    /** A channel goes. */
    @JsonTypeName("delete")
    @Schema(name = "DeleteEdit")
    record Delete(@NotNull(message = NEEDED) UUID channel) implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ListEdit.Delete(channel);
        }
    }

    /** What becomes of a channel that is in the way. */
    enum Way {
        swap,
        push
    }

    /**
     * Another slot for a channel.
     *
     * @param way what becomes of the channel that is there: the two swap, unless it is said to give way
     */
    @JsonTypeName("move")
    @Schema(name = "MoveEdit")
    record Move(
            @NotNull(message = NEEDED) UUID channel,
            @NotNull(message = NEEDED) Integer slot,
            @Schema(nullable = true) Way way)
            implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ListEdit.Move(channel, slot, way == Way.push ? MoveWay.PUSH : MoveWay.SWAP);
        }
    }

    /** Whether a channel keeps its slot. */
    @JsonTypeName("pin")
    @Schema(name = "PinEdit")
    record Pin(
            @NotNull(message = NEEDED) UUID channel,
            @NotNull(message = NEEDED) Boolean pinned) implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ListEdit.Pin(channel, pinned);
        }
    }

    /** A finding to lay aside. */
    @JsonTypeName("lay-aside")
    @Schema(name = "LayAsideEdit")
    record LayAside(
            @NotNull(message = NEEDED) UUID channel,
            @NotBlank(message = NEEDED) String code,
            @NotBlank(message = NEEDED) String field,

            @NotBlank(message = "must say why, in a few words")
            @Size(max = 200, message = "must be at most 200 characters")
            String reason)
            implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ListEdit.LayAside(channel, new Dismissal(code, EditReader.field(field), reason));
        }
    }

    /** A finding to look at again. */
    @JsonTypeName("look-again")
    @Schema(name = "LookAgainEdit")
    record LookAgain(
            @NotNull(message = NEEDED) UUID channel,
            @NotBlank(message = NEEDED) String code,
            @NotBlank(message = NEEDED) String field)
            implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ListEdit.LookAgain(channel, code, EditReader.field(field));
        }
    }

    /**
     * Entries of the directory to take.
     *
     * @param slot where they go, and the free slots after it; the first of the list if left out
     * @param block if given, they go together into a new block of that name, from that slot on
     */
    @JsonTypeName("take")
    @Schema(name = "TakeEdit")
    record Take(
            @Schema(nullable = true) Integer slot,
            @Valid @NotNull(message = NEEDED) TakeLook take,

            @Schema(nullable = true) @Size(max = 60, message = "must be at most 60 characters")
            String block)
            implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return with.take(this, list);
        }
    }

    /** A block goes, with the channels in it. */
    @JsonTypeName("take-block-out")
    @Schema(name = "TakeBlockOutEdit")
    record TakeBlockOut(@NotBlank(message = NEEDED) String block) implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ListEdit.TakeBlockOut(block);
        }
    }

    /** Another plan and class of licence; without a class the plan's usual one. */
    @JsonTypeName("go-by")
    @Schema(name = "GoByEdit")
    record GoBy(
            @NotBlank(message = "must name a band plan") String bandPlan,
            @Schema(nullable = true) String licence) implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return with.goBy(this, list);
        }
    }

    /** A block that holds the channels in its slots. */
    @JsonTypeName("add-block")
    @Schema(name = "AddBlockEdit")
    record AddBlock(
            @NotBlank(message = BLANK) @Size(max = MOST_NAME, message = LONG_NAME)
            String block,

            @Valid @NotNull(message = NEEDED) Slots slots)
            implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ListEdit.AddBlock(block, EditReader.range(slots));
        }
    }

    /** Another name for a block. */
    @JsonTypeName("rename-block")
    @Schema(name = "RenameBlockEdit")
    record RenameBlock(
            @NotBlank(message = BLANK) String block,

            @NotBlank(message = BLANK) @Size(max = MOST_NAME, message = LONG_NAME)
            String name)
            implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ListEdit.RenameBlock(block, name);
        }
    }

    /** Other slots for a block; no channel moves. */
    @JsonTypeName("resize-block")
    @Schema(name = "ResizeBlockEdit")
    record ResizeBlock(
            @NotBlank(message = BLANK) String block,
            @Valid @NotNull(message = NEEDED) Slots slots) implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ListEdit.ResizeBlock(block, EditReader.range(slots));
        }
    }

    /** A block goes elsewhere with all in it; what stands between gives way. */
    @JsonTypeName("move-block")
    @Schema(name = "MoveBlockEdit")
    record MoveBlock(
            @NotBlank(message = BLANK) String block,
            @NotNull(message = NEEDED) Integer slot) implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ListEdit.MoveBlock(block, slot);
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
            implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ListEdit.SplitBlock(block, slot, second);
        }
    }

    /** A block and the one that follows it become one. */
    @JsonTypeName("join-blocks")
    @Schema(name = "JoinBlocksEdit")
    record JoinBlocks(@NotBlank(message = BLANK) String block) implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ListEdit.JoinBlocks(block);
        }
    }

    /** A block goes, and its channels stay. */
    @JsonTypeName("remove-block")
    @Schema(name = "RemoveBlockEdit")
    record RemoveBlock(@NotBlank(message = BLANK) String block) implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ListEdit.RemoveBlock(block);
        }
    }

    /** What channels are sorted by. */
    enum By {
        frequency,
        name,
        use,
        talk_tone;

        static By of(Ordering ordering) {
            return valueOf(ordering.name().toLowerCase(Locale.ROOT));
        }

        Ordering ordering() {
            return Ordering.valueOf(name().toUpperCase(Locale.ROOT));
        }
    }

    /**
     * The order that the channels of a block are kept in.
     *
     * @param by the order; they stay as they are placed if left out
     */
    @JsonTypeName("keep-order")
    @Schema(name = "KeepOrderEdit")
    record KeepOrder(
            @NotBlank(message = BLANK) String block,
            @Schema(nullable = true) By by) implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ListEdit.KeepOrder(block, Optional.ofNullable(by).map(By::ordering));
        }
    }

    /** Channels are sorted within the slots that they have; pinned ones stay. */
    @JsonTypeName("order")
    @Schema(name = "OrderEdit")
    record Order(
            @NotNull(message = NEEDED) @Size(max = 10_000, message = "must be at most 10000 channels")
            List<@NotNull(message = NEEDED) UUID> channels,

            @NotNull(message = NEEDED) By by)
            implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ListEdit.Order(channels, by.ordering());
        }
    }

    /** Channels come to stand one behind the other; pinned ones stay. */
    @JsonTypeName("close-gaps")
    @Schema(name = "CloseGapsEdit")
    record CloseGaps(
            @NotNull(message = NEEDED) @Size(max = 10_000, message = "must be at most 10000 channels")
            List<@NotNull(message = NEEDED) UUID> channels)
            implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ListEdit.CloseGaps(channels);
        }
    }

    /** Channels go together to a slot and the free ones behind it; pinned ones stay. */
    @JsonTypeName("move-many")
    @Schema(name = "MoveManyEdit")
    record MoveMany(
            @NotNull(message = NEEDED) @Size(max = 10_000, message = "must be at most 10000 channels")
            List<@NotNull(message = NEEDED) UUID> channels,

            @NotNull(message = NEEDED) Integer slot)
            implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ListEdit.MoveMany(channels, slot);
        }
    }

    /** Channels go; pinned ones stay. */
    @JsonTypeName("delete-many")
    @Schema(name = "DeleteManyEdit")
    record DeleteMany(
            @NotNull(message = NEEDED) @Size(max = 10_000, message = "must be at most 10000 channels")
            List<@NotNull(message = NEEDED) UUID> channels)
            implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ListEdit.DeleteMany(channels);
        }
    }

    /** Whether channels keep their slots. */
    @JsonTypeName("pin-many")
    @Schema(name = "PinManyEdit")
    record PinMany(
            @NotNull(message = NEEDED) @Size(max = 10_000, message = "must be at most 10000 channels")
            List<@NotNull(message = NEEDED) UUID> channels,

            @NotNull(message = NEEDED) Boolean pinned)
            implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ListEdit.PinMany(channels, pinned);
        }
    }

    /**
     * Channels as another list has them, or the same one at another time.
     *
     * @param from the other list, or the same one
     * @param revision how that list was after a change of the past; as it is now if left out
     * @param rows the keys of what a comparison told
     */
    @JsonTypeName("take-over")
    @Schema(name = "TakeOverEdit")
    record TakeOver(
            @NotNull(message = NEEDED) UUID from,
            @Schema(nullable = true) Long revision,

            @NotEmpty(message = "must name what to take over")
            @Size(max = 10_000, message = "must be at most 10000 rows")
            List<@NotNull(message = NEEDED) String> rows)
            implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return with.takeOver(this, list);
        }
    }

    /** Another name for the list. */
    @JsonTypeName("rename")
    @Schema(name = "RenameEdit")
    record Rename(
            @NotBlank(message = BLANK) @Size(max = MOST_NAME, message = LONG_NAME)
            String name) implements EditRequest {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ListEdit.Rename(name);
        }
    }
}
