package reckonrod.server.radios;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import reckonrod.core.fit.Carrying;
import reckonrod.server.problem.ProblemException;

/**
 * At which slots lists go into a radio.
 *
 * @param by how many slots they are moved, if they are
 * @param blocks the blocks that go otherwise; left out for none
 */
public record PlacesRequest(
        @NotNull(message = "must be same, moved or packed") PlacesKind places,

        @Min(value = -9999, message = "must be -9,999 to 9,999") @Max(value = 9999, message = "must be -9,999 to 9,999")
        int by,

        @Size(max = 100, message = "must name at most 100 blocks")
        List<@Valid BlockPlace> blocks) {
    public PlacesRequest {
        blocks = blocks == null ? List.of() : List.copyOf(blocks);
    }

    /** A way for all channels. */
    enum PlacesKind {
        same,
        moved,
        packed
    }

    /**
     * A block that goes otherwise.
     *
     * @param from the slot of the radio where it begins; nothing where it does not go in
     */
    record BlockPlace(
            @NotBlank(message = "must be the name of a block")
            @Size(max = 100, message = "must have at most 100 characters")
            String name,

            @Schema(nullable = true)
            @Min(value = 0, message = "must be 0 to 9,999")
            @Max(value = Carrying.MOST_SLOT, message = "must be 0 to 9,999")
            Integer from) {
        static BlockPlace of(String name, Carrying.Into into) {
            return new BlockPlace(name, into instanceof Carrying.Into.From from ? from.slot() : null);
        }

        Carrying.Into into() {
            return from == null ? new Carrying.Into.Out() : new Carrying.Into.From(from);
        }
    }

    /** How a radio carries lists then. */
    public Carrying carrying(Map<UUID, Carrying.Overrule> overrules) {
        Map<String, Carrying.Into> into = new HashMap<>();
        for (BlockPlace each : blocks) {
            if (into.put(each.name(), each.into()) != null) {
                throw ProblemException.refused(
                        "block-twice",
                        "Said twice",
                        "The block " + each.name() + " is there twice; say once where it goes.");
            }
        }
        return new Carrying(
                switch (places) {
                    case same -> new Carrying.Places.Same();
                    case packed -> new Carrying.Places.Packed();
                    case moved -> new Carrying.Places.Moved(by);
                },
                into,
                overrules);
    }
}
