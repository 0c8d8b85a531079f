package reckonrod.server.arrange;

import com.fasterxml.jackson.annotation.JsonTypeName;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import reckonrod.core.judge.Review;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.Dismissal;
import reckonrod.core.list.ListEdit;
import reckonrod.core.list.MoveWay;
import reckonrod.server.take.TakeLook;

/** Changes of one channel, or what brings channels in. */
sealed interface ChannelEdits extends EditRequest {
    /**
     * Lines for the slot and the free ones after it.
     *
     * @param here whether into that slot whatever the blocks say; otherwise each goes to the block that it belongs into, and
     *     what belongs into none to that slot
     * @param block if given, they go together into a new block of that name, from that slot on
     */
    @JsonTypeName("put")
    @Schema(name = "PutEdit")
    record Put(
            @NotNull(message = NEEDED) Integer slot,

            @NotEmpty(message = "must hold at least one line")
            @Size(max = Review.MOST_LINES, message = "must be at most 5000 lines")
            List<@NotNull(message = NEEDED) String> lines,

            @Schema(nullable = true) Boolean here,

            @Schema(nullable = true) @Size(max = 60, message = "must be at most 60 characters")
            String block)
            implements ChannelEdits {
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
            @NotNull(message = NEEDED) String line) implements ChannelEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return with.rewrite(this, list);
        }
    }

    /** A channel goes. */
    @JsonTypeName("delete")
    @Schema(name = "DeleteEdit")
    record Delete(@NotNull(message = NEEDED) UUID channel) implements ChannelEdits {
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
            implements ChannelEdits {
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
            @NotNull(message = NEEDED) Boolean pinned) implements ChannelEdits {
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
            implements ChannelEdits {
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
            implements ChannelEdits {
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
            implements ChannelEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return with.take(this, list);
        }
    }

    /**
     * A short name for displays of so many characters.
     *
     * @param name what they show; nothing if the channel is shortened by rule again
     */
    @JsonTypeName("short-name")
    @Schema(name = "ShortNameEdit")
    record ShortName(
            @NotNull(message = NEEDED) UUID channel,
            @NotNull(message = NEEDED) Integer length,

            @Schema(nullable = true) @Size(max = 31, message = "must be at most 31 characters")
            String name)
            implements ChannelEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return with.shortName(this);
        }
    }
}
