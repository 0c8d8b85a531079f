package reckonrod.server.find;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.UUID;

/**
 * What is looked for, and with which radio. What is missing does not matter, or is as usual for a handheld.
 *
 * @param list the list whose band plan supplies the bands and the shifts
 * @param state a state in words, or {@code usable} for what is not known to be silent
 * @param flag a flag in words that it must have, such as {@code emergency power}
 * @param tone a talk tone as directories print it
 * @param antenna height of the person's antenna above the ground, in metres
 * @param gain gain of it, less what feeder and body take, in dBi
 * @param watts power of the person's radio
 */
public record Question(
        @Schema(nullable = true) UUID list,
        @Schema(nullable = true) String band,
        @Schema(nullable = true) String mode,
        @Schema(nullable = true) String state,
        @Schema(nullable = true) String flag,
        @Schema(nullable = true) String tone,
        @Schema(nullable = true) String text,
        @Schema(nullable = true) Double antenna,
        @Schema(nullable = true) Double gain,
        @Schema(nullable = true) Double watts) {}
