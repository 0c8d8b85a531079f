package reckonrod.server.arrange;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.function.Function;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.Filling;
import reckonrod.core.list.Spot;

/**
 * What a block is filled with, on the wire.
 *
 * @param belongs which channels
 * @param spare how many slots at the end are kept free
 * @param overflow the block that gets what finds no room, if {@code full} says so
 */
record FillingView(
        @Valid @NotNull(message = EditRequest.NEEDED) BelongsView belongs,

        @Min(value = 0, message = "must be 0 to 999")
        @Max(value = 999, message = "must be 0 to 999")
        @NotNull(message = EditRequest.NEEDED)
        Integer spare,

        @NotNull(message = EditRequest.NEEDED) Full full,
        @Schema(nullable = true) String overflow) {
    /** What becomes of a channel that finds no room. */
    enum Full {
        grow,
        refuse,
        overflow
    }

    static FillingView of(Filling filling) {
        return new FillingView(
                BelongsView.of(filling.belongs()),
                filling.spare(),
                filling.full().grows()
                        ? Full.grow
                        : filling.full().passesTo().isPresent() ? Full.overflow : Full.refuse,
                filling.full().passesTo().orElse(null));
    }

    /**
     * As the core has it.
     *
     * @param where looks up where a place is
     * @throws IllegalArgumentException if it names what there is not, in words
     */
    Filling read(ChannelList list, BandPlan plan, Function<SpotView, Spot> where) {
        return new Filling(belongs.read(list, plan, where), spare, whenFull());
    }

    private Filling.WhenFull whenFull() {
        if (full == Full.overflow && (overflow == null || overflow.isBlank())) {
            throw new IllegalArgumentException("overflow must name the block that gets what finds no room");
        }
        return switch (full) {
            case grow -> new Filling.WhenFull.Grow();
            case refuse -> new Filling.WhenFull.Refuse();
            case overflow -> new Filling.WhenFull.Overflow(overflow);
        };
    }
}
