package reckonrod.core.definition;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import reckonrod.core.channel.Power;
import reckonrod.core.radio.Kind;
import reckonrod.core.radio.PowerLevel;

/**
 * A radio as its owner can tell it from the manual: what fits, and nothing of bytes. Makes the text of a definition, which the loader
 * then judges like any other.
 *
 * @param maker who makes it
 * @param model what it is called
 * @param kind what sort of radio it is
 * @param firstSlot the number of its first slot
 * @param lastSlot the number of its last slot
 * @param longestName the most characters of a name, 0 for none
 * @param smallLetters whether names have small letters
 * @param receive the stretches it listens on, in megahertz: {@code 136-174}
 * @param transmit the stretches it talks on
 * @param airband the stretches that it hears in AM
 * @param narrow whether it has narrow FM
 * @param ctcss how many CTCSS tones it has: 0, 38, 50 or 51
 * @param dcs how many DCS codes it has: 0, 83 or 104
 * @param inverted whether it has the inverted codes too
 * @param power its power levels, highest first
 * @param shift how it keeps a shift
 * @param banks how many banks it has
 * @param listenOnly whether a slot can be kept from talking
 */
public record ShortDefinition(
        String maker,
        String model,
        Kind kind,
        int firstSlot,
        int lastSlot,
        int longestName,
        boolean smallLetters,
        List<String> receive,
        List<String> transmit,
        List<String> airband,
        boolean narrow,
        int ctcss,
        int dcs,
        boolean inverted,
        List<PowerLevel> power,
        KeptShift shift,
        int banks,
        boolean listenOnly) {
    private static final String CAPITALS = "ABCDEFGHIJKLMNOPQRSTUVWXYZ";
    // A blank at the end would be taken off with what surrounds a text.
    private static final String OTHERS = " 0123456789-/";

    /** How a radio keeps a shift, as its menu shows it. */
    public enum KeptShift {
        /** Both frequencies can be typed. */
        ANY_PAIR,
        /** A size and a direction for each slot. */
        SIZE_FOR_EACH_SLOT,
        /** A direction for each slot, and one size for each band. */
        ONE_SIZE_A_BAND
    }

    /**
     * Reads stretches as people write them: {@code 136-174, 400-480}, in megahertz.
     *
     * @throws IllegalArgumentException if there is none, or one is not two frequencies with a dash between them
     */
    public static List<String> stretches(String text) {
        List<String> parts =
                parts(text.replaceAll("(?i)\\s*MHz", "").replaceAll("\\s*[\u2010-\u2015]\\s*|\\s*-\\s*", "-"));
        parts.forEach(each -> {
            if (!each.matches("[0-9]{1,4}(\\.[0-9]{1,6})?-[0-9]{1,4}(\\.[0-9]{1,6})?")) {
                throw new IllegalArgumentException(
                        "A stretch must be two frequencies in MHz with a dash between them, such as 136-174, was \""
                                + each + "\"");
            }
        });
        return parts;
    }

    /**
     * Reads powers as people write them: {@code 5, 2, 0.5}, in watts. One is high; two are high and low; the one between is mid.
     *
     * @throws IllegalArgumentException if there are not one to three, or they do not fall
     */
    public static List<PowerLevel> powers(String text) {
        List<BigDecimal> watts = parts(text.replaceAll("(?i)\\s*W(atts?)?\\b", "")).stream()
                .map(each -> {
                    if (!each.matches("[0-9]{1,4}(\\.[0-9]{1,3})?")) {
                        throw new IllegalArgumentException(
                                "A power must be a number of watts such as 5 or 0.5, was \"" + each + "\"");
                    }
                    return new BigDecimal(each);
                })
                .toList();
        for (int i = 0; i < watts.size(); i++) {
            BigDecimal most = i == 0 ? BigDecimal.valueOf(10_000) : watts.get(i - 1);
            if (watts.get(i).signum() <= 0 || watts.get(i).compareTo(most) >= 0) {
                throw new IllegalArgumentException(
                        "Powers must be above 0 W and each lower than the one before it, with a point in 0.5, was \""
                                + text + "\"");
            }
        }
        List<Power> names = switch (watts.size()) {
            case 1 -> List.of(Power.HIGH);
            case 2 -> List.of(Power.HIGH, Power.LOW);
            case 3 -> List.of(Power.HIGH, Power.MID, Power.LOW);
            default -> throw new IllegalArgumentException("There must be one to three powers, were " + watts.size());
        };
        return IntStream.range(0, watts.size())
                .mapToObj(each -> new PowerLevel(names.get(each), watts.get(each)))
                .toList();
    }

    private static List<String> parts(String text) {
        List<String> parts = Arrays.stream(text.split("[,;/\\s]+"))
                .filter(each -> !each.isEmpty())
                .toList();
        if (parts.isEmpty()) {
            throw new IllegalArgumentException("At least one must be given, was \"" + text + "\"");
        }
        return parts;
    }

    /** The id: maker and model in small letters, with what no id can have left out. */
    public String id() {
        String plain = (maker + "-" + model)
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-+|-+$", "");
        return plain.substring(0, Math.min(60, plain.length()));
    }

    /** The text of its file. */
    public String yaml() {
        return """
                # %s, told by its owner: what fits. Bytes, cable and panel are not known.
                id: %s
                maker: %s
                model: %s
                kind: %s

                limits:
                  slots: { first: %d, last: %d }
                  name: { longest: %d, characters: %s }
                  receive:
                %s  transmit:
                %s  tones:
                    talk: %s
                    listen: %s
                  shift: %s
                  listen_only: "%s"
                  power:
                %s""".formatted(
                        oneLine(maker + " " + model),
                        id(),
                        quoted(maker),
                        quoted(model),
                        kind.word(),
                        firstSlot,
                        lastSlot,
                        longestName,
                        quoted((smallLetters ? CAPITALS + CAPITALS.toLowerCase(Locale.ROOT) : CAPITALS) + OTHERS),
                        bands(receive, emissions()) + bands(airband, "AM"),
                        bands(transmit, emissions()),
                        tones(),
                        tones(),
                        shiftText(),
                        listenOnly ? "yes" : "no",
                        power.stream()
                                .map(each -> "    - { level: " + each.level().word() + ", watts: \""
                                        + each.watts().toPlainString() + "\" }\n")
                                .collect(Collectors.joining()))
                + (banks > 0 ? "  scan: { banks: " + banks + " }\n" : "");
    }

    private String emissions() {
        return narrow ? "FM, NFM" : "FM";
    }

    private static String bands(List<String> stretches, String emissions) {
        return stretches.stream()
                .map(each -> "    - { mhz: " + quoted(each) + ", steps_khz: [\"5\", \"6.25\"], emissions: [" + emissions
                        + "] }\n")
                .collect(Collectors.joining());
    }

    private String tones() {
        return "{ ctcss: \"" + ctcss + "\", dcs: \"" + dcs + "\"" + (dcs > 0 && inverted ? ", inverted: \"yes\"" : "")
                + " }";
    }

    private String shiftText() {
        return switch (shift) {
            case ANY_PAIR -> "{ kept_as: any pair }";
            case SIZE_FOR_EACH_SLOT -> "{ kept_as: steps, step_hertz: 50000, most_hertz: 99950000 }";
            case ONE_SIZE_A_BAND -> "{ kept_as: one size a band, step_hertz: 50000, most_hertz: 99950000 }";
        };
    }

    /** As YAML has it between quotes; what would end the line is no part of a name. */
    private static String quoted(String text) {
        return "\"" + oneLine(text).replace("\\", "\\\\").replace("\"", "\\\"") + "\"";
    }

    private static String oneLine(String text) {
        return text.replaceAll("\\p{Cntrl}+|[\\u0085\\u2028\\u2029]", " ").strip();
    }
}
