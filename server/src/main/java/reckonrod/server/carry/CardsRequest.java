package reckonrod.server.carry;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import reckonrod.server.paper.Sheet;

/**
 * Which cards to make.
 *
 * @param radio for which radio; for cards of channels nothing means as the list has them
 * @param large whether they are to be read in bad light
 * @param differing of key sheets, only what differs from what the radio was read to hold last; false if missing
 * @param channels only these channels; all if missing
 * @param owner whose the radio is
 * @param reach how its owner is reached
 * @param back when it is to be back
 * @param first the channel that somebody is to begin with to whom it is lent; nothing means the first that talks
 */
record CardsRequest(
        @NotNull(message = "must be given") CardKind kind,
        @Schema(nullable = true) String radio,
        @NotNull(message = "must be given") Sheet size,
        boolean large,
        @Schema(nullable = true) Boolean differing,

        @Schema(nullable = true)
        @Size(min = 1, max = 10_000, message = "must be 1 to 10000 channels; leave it out for all")
        List<@NotNull(message = "must be given") UUID> channels,

        @Schema(nullable = true) String owner,
        @Schema(nullable = true) String reach,
        @Schema(nullable = true) String back,
        @Schema(nullable = true) UUID first) {
    /** What cards are about. */
    enum CardKind {
        channel,
        radio,
        keys,
        settings,
        strip,
        lending
    }

    boolean onlyDiffering() {
        return Boolean.TRUE.equals(differing);
    }

    /** Which channels; absent if all of them are wanted. */
    Optional<Set<UUID>> chosen() {
        return Optional.ofNullable(channels).map(Set::copyOf);
    }
}
