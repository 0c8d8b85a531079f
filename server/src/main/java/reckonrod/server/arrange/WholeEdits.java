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
     * @param from the other list, or the same one; left out where they come from a snapshot
     * @param revision how that list was after a change of the past; as it is now if left out
     * @param radio the radio of the snapshot
     * @param snapshot what a radio held, instead of a list
     * @param rows the keys of what a comparison told
     */
    @JsonTypeName("take-over")
    @Schema(name = "TakeOverEdit")
    record TakeOver(
            @Schema(nullable = true) UUID from,
            @Schema(nullable = true) Long revision,
            @Schema(nullable = true) String radio,
            @Schema(nullable = true) UUID snapshot,

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

    /** A word and what stands for it where a display is too short. */
    record Abbreviation(
            @NotBlank(message = BLANK) @Size(max = 32, message = "must be at most 32 characters")
            String word,

            @NotBlank(message = BLANK) @Size(max = 31, message = "must be at most 31 characters")
            String shorter) {}

    /**
     * What the list is for, how what comes in from a directory is named, and what the person abbreviates; what is left out stays.
     */
    @JsonTypeName("mean")
    @Schema(name = "MeanEdit")
    record Mean(
            @Schema(nullable = true) @Size(max = 500, message = "must be at most 500 characters")
            String purpose,

            @Valid @Schema(nullable = true) NamingView naming,

            @Valid @Schema(nullable = true) @Size(max = 200, message = "must be at most 200 words")
            List<@NotNull(message = NEEDED) Abbreviation> abbreviations)
            implements WholeEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return with.mean(this, list);
        }
    }

    /** What the channels of the list wait for before they open. */
    @JsonTypeName("listen-by")
    @Schema(name = "ListenByEdit")
    record ListenBy(@NotNull(message = NEEDED) IntentView.ListeningPolicy policy) implements WholeEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return with.policies().listenBy(policy.policy(), list);
        }
    }

    /**
     * With what power the channels of the list talk.
     *
     * @param from where one talks from, for the lowest that reaches
     */
    @JsonTypeName("talk-by")
    @Schema(name = "TalkByEdit")
    record TalkBy(
            @NotNull(message = NEEDED) IntentView.TalkingPolicy policy,
            @Valid @Schema(nullable = true) SpotView from) implements WholeEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return with.talkBy(this, list);
        }
    }
}
