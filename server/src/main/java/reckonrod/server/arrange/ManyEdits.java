package reckonrod.server.arrange;

import com.fasterxml.jackson.annotation.JsonTypeName;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEdit;
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
            @Valid @Schema(nullable = true) SpotView from)
            implements ManyEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ListEdit.Order(channels, by.ordering(from, with));
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
            implements ManyEdits {
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
            implements ManyEdits {
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
            implements ManyEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return new ListEdit.PinMany(channels, pinned);
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

    /** What names are made of. */
    enum NameOf {
        place,
        call_sign,
        listen,
        talk,
        talk_tone,
        band
    }

    /** Names of channels, made of parts with blanks between them; what a channel lacks of them is left out. */
    @JsonTypeName("name-many")
    @Schema(name = "NameManyEdit")
    record NameMany(
            @NotNull(message = NEEDED) @Size(max = 10_000, message = "must be at most 10000 channels")
            List<@NotNull(message = NEEDED) UUID> channels,

            @NotEmpty(message = "must name at least one part") @Size(max = 6, message = "must be at most 6 parts")
            List<@NotNull(message = NEEDED) NameOf> parts)
            implements ManyEdits {
        @Override
        public ListEdit read(EditReader with, ChannelList list) {
            return with.nameMany(this, list);
        }
    }
}
