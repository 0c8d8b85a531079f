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
import java.util.UUID;
import reckonrod.core.judge.Review;
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
        })
sealed interface EditRequest {
    String NEEDED = "must be given";

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
            implements EditRequest {}

    /** Another line for a channel. */
    @JsonTypeName("rewrite")
    @Schema(name = "RewriteEdit")
    record Rewrite(
            @NotNull(message = NEEDED) UUID channel,
            @NotNull(message = NEEDED) String line) implements EditRequest {}

    /** A channel goes. */
    @JsonTypeName("delete")
    @Schema(name = "DeleteEdit")
    record Delete(@NotNull(message = NEEDED) UUID channel) implements EditRequest {}

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
            implements EditRequest {}

    /** Whether a channel keeps its slot. */
    @JsonTypeName("pin")
    @Schema(name = "PinEdit")
    record Pin(
            @NotNull(message = NEEDED) UUID channel,
            @NotNull(message = NEEDED) Boolean pinned) implements EditRequest {}

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
            implements EditRequest {}

    /** A finding to look at again. */
    @JsonTypeName("look-again")
    @Schema(name = "LookAgainEdit")
    record LookAgain(
            @NotNull(message = NEEDED) UUID channel,
            @NotBlank(message = NEEDED) String code,
            @NotBlank(message = NEEDED) String field)
            implements EditRequest {}

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
            implements EditRequest {}

    /** A block goes, with the channels in it. */
    @JsonTypeName("take-block-out")
    @Schema(name = "TakeBlockOutEdit")
    record TakeBlockOut(@NotBlank(message = NEEDED) String block) implements EditRequest {}

    /** Another plan and class of licence; without a class the plan's usual one. */
    @JsonTypeName("go-by")
    @Schema(name = "GoByEdit")
    record GoBy(
            @NotBlank(message = "must name a band plan") String bandPlan,
            @Schema(nullable = true) String licence) implements EditRequest {}
}
