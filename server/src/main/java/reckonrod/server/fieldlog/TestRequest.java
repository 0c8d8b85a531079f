package reckonrod.server.fieldlog;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import reckonrod.core.fieldlog.FieldTest;
import reckonrod.core.fieldlog.Seen;
import reckonrod.core.geography.Position;
import reckonrod.server.problem.ProblemException;

/**
 * A test as it stands on the device where it is made, whole.
 *
 * @param editor which device and tab sends it; what it began itself it may send again and again
 * @param baseVersion the version that was looked at; only asked for what another began
 * @param line what the channel was when it was tried, in the notation
 * @param directoryId the entry it was taken from, where the list does not say it
 */
record TestRequest(
        @NotBlank(message = NEEDED) @Size(max = 60, message = "must be at most 60 characters")
        String editor,

        @Schema(nullable = true) Long baseVersion,
        @NotNull(message = NEEDED) Instant at,
        @NotNull(message = NEEDED) String place,
        @Schema(nullable = true) Double latitude,
        @Schema(nullable = true) Double longitude,
        @Schema(nullable = true) String radioId,
        @NotNull(message = NEEDED) String radio,
        @Schema(nullable = true) UUID listId,
        @Schema(nullable = true) UUID channelId,
        @NotNull(message = NEEDED) String channel,
        @NotBlank(message = NEEDED) String line,

        @Schema(nullable = true) @Size(max = 120, message = "must be at most 120 characters")
        String directoryId,

        @NotNull(message = NEEDED) List<FieldTestView.SeenView> seen,

        @Min(value = 0, message = "must be 1 to 5, or 0 for none")
        @Max(value = 5, message = "must be 1 to 5, or 0 for none")
        int strength,

        @NotNull(message = NEEDED) String note,

        @Schema(nullable = true) @Size(max = 50, message = "must be at most 50 answers")
        Map<String, String> answers) {
    private static final String NEEDED = "must be given";

    /** The test; where no coordinates came with it, its place gives them if it is known by just that name. */
    FieldTest test(UUID id, Function<String, Optional<Position>> named) {
        try {
            return new FieldTest(
                    id,
                    at,
                    place,
                    position().or(() -> named.apply(place.strip())),
                    radio,
                    channel,
                    line,
                    seen.stream()
                            .map(FieldTestView.SeenView::seen)
                            .collect(Collectors.toCollection(() -> EnumSet.noneOf(Seen.class))),
                    strength,
                    note);
        } catch (IllegalArgumentException wrong) {
            throw ProblemException.refused("test-refused", "That is no test", wrong.getMessage() + ".");
        }
    }

    private Optional<Position> position() {
        if (latitude == null && longitude == null) {
            return Optional.empty();
        }
        if (latitude == null || longitude == null) {
            throw new IllegalArgumentException("Latitude and longitude must be given together");
        }
        return Optional.of(new Position(latitude, longitude));
    }

    Map<String, String> answersOrNone() {
        return Optional.ofNullable(answers).orElse(Map.of());
    }
}
