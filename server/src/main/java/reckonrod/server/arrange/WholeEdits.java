package reckonrod.server.arrange;

import com.fasterxml.jackson.annotation.JsonTypeName;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEdit;

/** Changes of the list as a whole. */
sealed interface WholeEdits extends EditRequest {
    /** Another plan and class of licence; without a class the plan's usual one. */
    @JsonTypeName("go-by")
    @Schema(name = "GoByEdit")
    record GoBy(
            @NotBlank(message = "must name a band plan") String bandPlan,
            @Schema(nullable = true) String licence) implements WholeEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return with.goBy(this, list);
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
            implements WholeEdits {
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
            String name) implements WholeEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ListEdit.Rename(name);
        }
    }
}
