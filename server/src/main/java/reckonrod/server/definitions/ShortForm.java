package reckonrod.server.definitions;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import reckonrod.core.channel.Power;
import reckonrod.core.definition.ShortDefinition;
import reckonrod.core.radio.Kind;
import reckonrod.core.radio.PowerLevel;

/**
 * What the owner of a radio can tell of it.
 *
 * @param receive the stretches it listens on, in megahertz
 * @param transmit those it talks on
 * @param airband the stretch it hears in AM; nothing if it has none
 * @param watts its power levels in watts, highest first, three at most
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

        @NotEmpty(message = "must be one stretch or more, such as 136-174")
        @Size(max = 12, message = "must be at most 12")
        List<@NotBlank(message = STRETCH) @Pattern(regexp = MEGAHERTZ, message = STRETCH) String> receive,

        @NotEmpty(message = "must be one stretch or more, such as 144-148")
        @Size(max = 12, message = "must be at most 12")
        List<@NotBlank(message = STRETCH) @Pattern(regexp = MEGAHERTZ, message = STRETCH) String> transmit,

        @Pattern(regexp = MEGAHERTZ, message = STRETCH) String airband,

        boolean narrow,

        @NotNull(message = "must be 0, 38, 50 or 51") @Min(value = 0, message = "must be 0, 38, 50 or 51")
        Integer ctcss,

        @NotNull(message = "must be 0, 83 or 104") @Min(value = 0, message = "must be 0, 83 or 104")
        Integer dcs,

        boolean inverted,

        @NotEmpty(message = "must be one to three powers in watts")
        @Size(max = 3, message = "must be one to three powers in watts")
        List<@NotNull(message = WATTS) @Pattern(regexp = "\\s*[0-9]{1,4}([.,][0-9]{1,3})?\\s*", message = WATTS) String>
                watts,

        @NotNull(message = "must be any_pair, size_for_each_slot or one_size_a_band")
        Kept shift,

        @Min(value = 0, message = "must be 0 to 64") @Max(value = 64, message = "must be 0 to 64")
        int banks,

        boolean listenOnly) {
    private static final String STRETCH = "must be two frequencies in MHz with a dash between them, such as 136-174";
    private static final String MEGAHERTZ = "\\s*[0-9]{1,4}(\\.[0-9]{1,6})?\\s*-\\s*[0-9]{1,4}(\\.[0-9]{1,6})?\\s*";
    private static final String WATTS = "must be a power in watts, such as 5 or 0.5";

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

    String yaml() {
        return new ShortDefinition(
                        maker,
                        model,
                        kind == KindOfRadio.handheld ? Kind.HANDHELD : Kind.MOBILE,
                        firstSlot,
                        lastSlot,
                        longestName,
                        smallLetters,
                        plain(receive),
                        plain(transmit),
                        Optional.ofNullable(airband).map(ShortForm::plain),
                        narrow,
                        ctcss,
                        dcs,
                        inverted,
                        levels(),
                        switch (shift) {
                            case any_pair -> ShortDefinition.KeptShift.ANY_PAIR;
                            case size_for_each_slot -> ShortDefinition.KeptShift.SIZE_FOR_EACH_SLOT;
                            case one_size_a_band -> ShortDefinition.KeptShift.ONE_SIZE_A_BAND;
                        },
                        banks,
                        listenOnly)
                .yaml();
    }

    /** One power is high; two are high and low; the one between is mid. */
    private List<PowerLevel> levels() {
        List<Power> names = switch (watts.size()) {
            case 1 -> List.of(Power.HIGH);
            case 2 -> List.of(Power.HIGH, Power.LOW);
            default -> List.of(Power.HIGH, Power.MID, Power.LOW);
        };
        return java.util.stream.IntStream.range(0, watts.size())
                .mapToObj(each -> new PowerLevel(
                        names.get(each), new BigDecimal(plain(watts.get(each)).replace(',', '.'))))
                .toList();
    }

    private static List<String> plain(List<String> stretches) {
        return stretches.stream().map(ShortForm::plain).toList();
    }

    private static String plain(String stretch) {
        return stretch.replaceAll("\\s", "");
    }
}
