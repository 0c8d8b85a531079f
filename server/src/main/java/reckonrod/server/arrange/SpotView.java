package reckonrod.server.arrange;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import reckonrod.core.geography.Position;
import reckonrod.core.list.Spot;

/**
 * A place on the wire.
 *
 * @param place what it is called, or its coordinates or locator
 * @param latitude degrees, north positive; looked up by the place if left out
 * @param longitude degrees, east positive; likewise
 */
record SpotView(
        @NotBlank(message = EditRequest.BLANK) @Size(max = 80, message = "must be at most 80 characters")
        String place,

        @Schema(nullable = true)
        @DecimalMin(value = "-90", message = "must be -90 to 90")
        @DecimalMax(value = "90", message = "must be -90 to 90")
        Double latitude,

        @Schema(nullable = true)
        @DecimalMin(value = "-180", message = "must be -180 to 180")
        @DecimalMax(value = "180", message = "must be -180 to 180")
        Double longitude) {
    static SpotView of(Spot spot) {
        return new SpotView(
                spot.name(), spot.position().latitudeDegrees(), spot.position().longitudeDegrees());
    }

    /** Where it is, if that was said. */
    Optional<Position> position() {
        return latitude == null || longitude == null
                ? Optional.empty()
                : Optional.of(new Position(latitude, longitude));
    }
}
