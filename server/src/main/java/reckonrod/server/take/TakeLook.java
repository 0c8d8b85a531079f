package reckonrod.server.take;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.Size;
import java.util.List;

/** The entries that are to be taken, and how they are named; by the list's own recipe if that is missing. */
public record TakeLook(
        @NotEmpty(message = "must name at least one entry") @Size(max = 500, message = "must name at most 500 entries")
        List<String> entries,

        @Schema(nullable = true) String recipe) {}
