package reckonrod.server.radios;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;

/** What is asked of the shelf. */
final class ShelfRequests {
    private static final String LABELS = "|black|blue|brown|green|grey|orange|red|violet|white|yellow";
    private static final String LABEL =
            "must be a colour: black, blue, brown, green, grey, orange, red, violet, white or yellow";
    private static final String MOST_60 = "must have at most 60 characters";
    private static final String MOST_500 = "must have at most 500 characters";
    private static final String CALLED = "must be what you call the radio";
    private static final String NEEDED = "must be given";

    private ShelfRequests() {}

    /**
     * A new radio.
     *
     * @param at the port, host and number, or folder, where it is reached by one
     */
    record NewRadio(
            @NotBlank(message = "must be a model that is known here") @Size(max = 60, message = MOST_60)
            String model,

            @NotBlank(message = CALLED) @Size(max = 40, message = "must have at most 40 characters")
            String name,

            @Pattern(regexp = LABELS, message = LABEL) String label,
            @Size(max = 60, message = MOST_60) String serial,
            @Size(max = 60, message = MOST_60) String firmware,
            @Size(max = 60, message = MOST_60) String antenna,
            @Size(max = 500, message = MOST_500) String note,
            Reached reached,

            @Schema(nullable = true) @Size(max = 300, message = "must have at most 300 characters")
            String at) {
        Known known() {
            return Known.of(name, label, serial, firmware, antenna, note);
        }
    }

    /** How it is reached. */
    enum Reached {
        /** By hand only, or not said yet. */
        none,
        /** By a simulated cable or card, to a radio that is simulated. */
        simulated,
        /** By a serial port of this machine. */
        serial,
        /** By TCP, to a port that something else offers. */
        tcp,
        /** By the folder of a memory card. */
        card
    }

    /**
     * What is known of a radio now.
     *
     * @param reached how it is reached from now on; as before if left out
     */
    record RadioEdit(
            @NotNull(message = NEEDED) Long baseVersion,

            @NotBlank(message = CALLED) @Size(max = 40, message = "must have at most 40 characters")
            String name,

            @Pattern(regexp = LABELS, message = LABEL) String label,
            @Size(max = 60, message = MOST_60) String serial,
            @Size(max = 60, message = MOST_60) String firmware,
            @Size(max = 60, message = MOST_60) String antenna,
            @Size(max = 500, message = MOST_500) String note,
            @Schema(nullable = true) Reached reached,

            @Schema(nullable = true) @Size(max = 300, message = "must have at most 300 characters")
            String at) {
        Known known() {
            return Known.of(name, label, serial, firmware, antenna, note);
        }
    }

    /** What the person calls a radio and knows of it; what was left out is empty. */
    record Known(String name, String label, String serial, String firmware, String antenna, String note) {
        static Known of(String name, String label, String serial, String firmware, String antenna, String note) {
            return new Known(text(name), text(label), text(serial), text(firmware), text(antenna), text(note));
        }
    }

    /** Somebody gets it for a while. */
    record Lending(
            @NotBlank(message = "must be who has it") @Size(max = 60, message = MOST_60)
            String to,

            @Size(max = 500, message = MOST_500) String note) {}

    /**
     * What is otherwise for a channel in this radio; all of it left out takes that back.
     *
     * @param name what it is called there; nothing for its own
     * @param talkTone the tone that is sent there, such as 88.5 or D023N; nothing for its own
     */
    record OverruleRequest(
            boolean leftOut,
            boolean listenOnly,

            @Schema(nullable = true) @Size(max = 40, message = "must have at most 40 characters")
            String name,

            @Schema(nullable = true) @Size(max = 40, message = "must have at most 40 characters")
            String talkTone) {}

    /** Channels that stay out of a radio. */
    record LeaveOut(
            @NotEmpty(message = "must name a channel or more")
            @Size(max = 2000, message = "must have at most 2,000 channels")
            List<UUID> channels) {}

    /** It is back. */
    record Return(@Size(max = 500, message = MOST_500) String note) {}

    static String text(String given) {
        return given == null ? "" : given.strip();
    }
}
