package reckonrod.server.arrange;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import reckonrod.core.list.NamePart;
import reckonrod.core.list.NameRecipe;
import reckonrod.core.list.Spot;

/**
 * A recipe for names on the wire.
 *
 * @param parts in order, none twice
 * @param from where distances are taken from, where one is part of it
 */
record NamingView(
        @NotEmpty(message = "must name at least one part") @Size(max = 9, message = "must be at most 9 parts")
        List<@NotNull(message = EditRequest.NEEDED) NameOf> parts,

        @Valid @Schema(nullable = true) SpotView from) {
    /** What names are made of. */
    enum NameOf {
        place,
        call_sign,
        listen,
        talk,
        cross_band_talk,
        talk_tone,
        band,
        distance,
        number
    }

    static NamingView of(NameRecipe recipe) {
        return new NamingView(
                recipe.parts().stream()
                        .map(each -> NameOf.valueOf(each.name().toLowerCase(Locale.ROOT)))
                        .toList(),
                recipe.from().map(SpotView::of).orElse(null));
    }

    /**
     * As the core has it.
     *
     * @param where looks up where a place is
     * @throws IllegalArgumentException if it cannot be, in words
     */
    NameRecipe read(Function<SpotView, Spot> where) {
        return new NameRecipe(
                parts.stream()
                        .map(each -> NamePart.valueOf(each.name().toUpperCase(Locale.ROOT)))
                        .toList(),
                Optional.ofNullable(from)
                        .filter(each -> parts.contains(NameOf.distance))
                        .map(where));
    }
}
