package reckonrod.server.definitions;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import reckonrod.core.definition.ShortDefinition;
import reckonrod.core.radio.Kind;
import reckonrod.server.problem.ProblemException;

/**
 * What the owner of a radio can tell of it.
 *
 * @param receive the stretches it listens on, in megahertz, with commas
 * @param transmit those it talks on
 * @param airband those it hears in AM; nothing if it has none
 * @param watts its power levels in watts, highest first, three at most, with commas
 */
record ShortForm(
        @NotBlank(message = "must be the name of who makes it")
        @Size(max = 40, message = "must have at most 40 characters")
        String maker,

        @NotBlank(message = "must be what it is called") @Size(max = 40, message = "must have at most 40 characters")
        String model,

        @NotNull(message = "must be handheld or mobile") KindOfRadio kind,

        @Min(value = 0, message = "must be 0 to 9,999") @Max(value = 9999, message = "must be 0 to 9,999")
        int firstSlot,

        @Min(value = 0, message = "must be 0 to 9,999") @Max(value = 9999, message = "must be 0 to 9,999")
        int lastSlot,

        @Min(value = 0, message = "must be 0 to 32") @Max(value = 32, message = "must be 0 to 32")
        int longestName,

        boolean smallLetters,

        @NotBlank(message = "must be one stretch or more, such as 136-174, 400-480")
        @Size(max = 300, message = MOST_300)
        String receive,

        @NotBlank(message = "must be one stretch or more, such as 144-148, 430-450")
        @Size(max = 300, message = MOST_300)
        String transmit,

        @Schema(nullable = true) @Size(max = 60, message = "must have at most 60 characters")
        String airband,

        boolean narrow,

        @NotNull(message = "must be 0, 38, 50 or 51") @Min(value = 0, message = "must be 0, 38, 50 or 51")
        Integer ctcss,

        @NotNull(message = "must be 0, 83 or 104") @Min(value = 0, message = "must be 0, 83 or 104")
        Integer dcs,

        boolean inverted,

        @NotBlank(message = "must be one to three powers in watts, highest first, such as 5, 2, 0.5")
        @Size(max = 100, message = "must have at most 100 characters")
        String watts,

        @NotNull(message = "must be any_pair, size_for_each_slot or one_size_a_band")
        Kept shift,

        @Min(value = 0, message = "must be 0 to 64") @Max(value = 64, message = "must be 0 to 64")
        int banks,

        boolean listenOnly) {
    private static final String MOST_300 = "must have at most 300 characters";

    /** What sort of radio it is. */
    enum KindOfRadio {
        handheld,
        mobile
    }

    /** How it keeps a shift. */
    enum Kept {
        any_pair,
        size_for_each_slot,
        one_size_a_band
    }

    /** The text of a definition; what the figures cannot mean is a problem. */
    String yaml() {
        try {
            return definition().yaml();
        } catch (IllegalArgumentException wrong) {
            throw ProblemException.refused("radio-model-faulty", "That cannot be a radio", wrong.getMessage() + ".");
        }
    }

    private ShortDefinition definition() {
        return new ShortDefinition(
                maker,
                model,
                kind == KindOfRadio.handheld ? Kind.HANDHELD : Kind.MOBILE,
                firstSlot,
                lastSlot,
                longestName,
                smallLetters,
                ShortDefinition.stretches(receive),
                ShortDefinition.stretches(transmit),
                airband == null || airband.isBlank() ? List.of() : ShortDefinition.stretches(airband),
                narrow,
                ctcss,
                dcs,
                inverted,
                ShortDefinition.powers(watts),
                switch (shift) {
                    case any_pair -> ShortDefinition.KeptShift.ANY_PAIR;
                    case size_for_each_slot -> ShortDefinition.KeptShift.SIZE_FOR_EACH_SLOT;
                    case one_size_a_band -> ShortDefinition.KeptShift.ONE_SIZE_A_BAND;
                },
                banks,
                listenOnly);
    }
}
