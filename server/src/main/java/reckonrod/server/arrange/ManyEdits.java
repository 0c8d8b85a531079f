package reckonrod.server.arrange;

import com.fasterxml.jackson.annotation.JsonFormat;
import com.fasterxml.jackson.annotation.JsonTypeName;
import com.fasterxml.jackson.annotation.OptBoolean;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEdit;
import reckonrod.core.list.ManyEdit;
import reckonrod.core.rework.Rework;

/** Changes of many channels at once. */
sealed interface ManyEdits extends EditRequest {
    /** Channels are sorted within the slots that they have; pinned ones stay. */
    @JsonTypeName("order")
    @Schema(name = "OrderEdit")
    record Order(
            @NotNull(message = NEEDED) @Size(max = 10_000, message = "must be at most 10000 channels")
            List<@NotNull(message = NEEDED) UUID> channels,

            @NotNull(message = NEEDED) By by,
            @Valid @Schema(nullable = true) SpotView from,

            @Valid @Schema(nullable = true) @Size(max = 50, message = "must be at most 50 places")
            List<@NotNull(message = NEEDED) SpotView> via)
            implements ManyEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ManyEdit.Order(channels, by.ordering(from, via, with));
        }
    }

    /** Channels come to stand one behind the other; pinned ones stay. */
    @JsonTypeName("close-gaps")
    @Schema(name = "CloseGapsEdit")
    record CloseGaps(
            @NotNull(message = NEEDED) @Size(max = 10_000, message = "must be at most 10000 channels")
            List<@NotNull(message = NEEDED) UUID> channels)
            implements ManyEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ManyEdit.CloseGaps(channels);
        }
    }

    /** Channels go together to a slot and the free ones behind it; pinned ones stay. */
    @JsonTypeName("move-many")
    @Schema(name = "MoveManyEdit")
    record MoveMany(
            @NotNull(message = NEEDED) @Size(max = 10_000, message = "must be at most 10000 channels")
            List<@NotNull(message = NEEDED) UUID> channels,

            @NotNull(message = NEEDED) Integer slot)
            implements ManyEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ManyEdit.MoveMany(channels, slot);
        }
    }

    /** Channels go; pinned ones stay. */
    @JsonTypeName("delete-many")
    @Schema(name = "DeleteManyEdit")
    record DeleteMany(
            @NotNull(message = NEEDED) @Size(max = 10_000, message = "must be at most 10000 channels")
            List<@NotNull(message = NEEDED) UUID> channels)
            implements ManyEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ManyEdit.DeleteMany(channels);
        }
    }

    /** Whether channels keep their slots. */
    @JsonTypeName("pin-many")
    @Schema(name = "PinManyEdit")
    record PinMany(
            @NotNull(message = NEEDED) @Size(max = 10_000, message = "must be at most 10000 channels")
            List<@NotNull(message = NEEDED) UUID> channels,

            @NotNull(message = NEEDED) Boolean pinned)
            implements ManyEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ManyEdit.PinMany(channels, pinned);
        }
    }

    /** What the carrier does. */
    enum Kind {
        FM,
        NFM,
        AM
    }

    /** The power asked for. */
    enum Level {
        high,
        mid,
        low
    }

    /** Power, kind and tones of channels; what is left out stays as it is. */
    @JsonTypeName("set-many")
    @Schema(name = "SetManyEdit")
    record SetMany(
            @NotNull(message = NEEDED) @Size(max = 10_000, message = "must be at most 10000 channels")
            List<@NotNull(message = NEEDED) UUID> channels,

            @Schema(nullable = true) Level power,
            @Schema(nullable = true) Kind emission,

            @Schema(nullable = true) @Size(max = 40, message = "must be at most 40 characters")
            String talkTone,

            @Schema(nullable = true) @Size(max = 40, message = "must be at most 40 characters")
            String listenTone)
            implements ManyEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return with.setMany(this, list);
        }
    }

    /** Words in the names of channels give way to others, in whatever case they stand. */
    @JsonTypeName("replace-in-names")
    @Schema(name = "ReplaceInNamesEdit")
    record ReplaceInNames(
            @NotNull(message = NEEDED) @Size(max = 10_000, message = "must be at most 10000 channels")
            List<@NotNull(message = NEEDED) UUID> channels,

            @NotEmpty(message = "must say what to look for") @Size(max = 32, message = "must be at most 32 characters")
            String find,

            @NotNull(message = NEEDED) @Size(max = 32, message = "must be at most 32 characters")
            String with)
            implements ManyEdits {
        @Override
        public ListEdit read(EditReader reader, ChannelList list) {
            return reader.rework(channels, list, () -> new Rework.ReplaceInName(find, with));
        }
    }

    /**
     * Names of channels, made of parts with blanks between them; what a channel lacks of them is left out.
     *
     * @param naming the recipe; those of the list and its blocks if left out
     */
    @JsonTypeName("name-many")
    @Schema(name = "NameManyEdit")
    record NameMany(
            @NotNull(message = NEEDED) @Size(max = 10_000, message = "must be at most 10000 channels")
            List<@NotNull(message = NEEDED) UUID> channels,

            @Valid @Schema(nullable = true) NamingView naming)
            implements ManyEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return with.nameMany(this, list);
        }
    }

    /** Channels come to stand so many slots apart; pinned ones stay. */
    @JsonTypeName("spread")
    @Schema(name = "SpreadEdit")
    record Spread(
            @NotNull(message = NEEDED) @Size(max = 10_000, message = "must be at most 10000 channels")
            List<@NotNull(message = NEEDED) UUID> channels,

            @NotNull(message = NEEDED) Integer apart)
            implements ManyEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ManyEdit.Spread(channels, apart);
        }
    }

    /**
     * How much channels matter.
     *
     * @param rank 1, the most, to 9; nothing if nobody says
     */
    @JsonTypeName("rank")
    @Schema(name = "RankEdit")
    record Rank(
            @NotNull(message = NEEDED) @Size(max = 10_000, message = "must be at most 10000 channels")
            List<@NotNull(message = NEEDED) UUID> channels,

            @Schema(nullable = true)
            @Min(value = 1, message = "must be 1 to 9")
            @Max(value = 9, message = "must be 1 to 9")
            Integer rank)
            implements ManyEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ManyEdit.Rank(channels, Optional.ofNullable(rank));
        }
    }

    /**
     * When channels were answered last.
     *
     * @param day the day, today or before; nothing if they are not held for proven
     */
    @JsonTypeName("prove")
    @Schema(name = "ProveEdit")
    record Prove(
            @NotNull(message = NEEDED) @Size(max = 10_000, message = "must be at most 10000 channels")
            List<@NotNull(message = NEEDED) UUID> channels,

            @Schema(nullable = true) @JsonFormat(lenient = OptBoolean.FALSE)
            LocalDate day)
            implements ManyEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return with.prove(this);
        }
    }
}
