package reckonrod.core.channel;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a designation of an emission says, by Appendix 1 of the ITU Radio Regulations: the necessary bandwidth with the unit in the
 * place of the decimal point, the modulation, the signal, the information. {@code 11K2F3E} is telephony by frequency modulation,
 * 11.2 kHz wide.
 */
public enum EmissionDesignator {
    /** Analogue telephony by frequency or phase modulation, more than 15 kHz wide. */
    WIDE_FM,
    /** The same, up to 15 kHz wide. */
    NARROW_FM,
    /** Double-sideband telephony. */
    AM,
    /** Anything digital by frequency or phase modulation: voice, data, or both. */
    DIGITAL,
    /** Whatever no channel here can hold: telegraphy, single sideband, pictures. */
    OTHER;

    private static final Pattern FORM =
            Pattern.compile("([0-9]{1,3})([HKMG])([0-9]{0,2})([A-Z])([0-9X])([A-Z])[A-Z]{0,2}");
    private static final double MOST_NARROW_HERTZ = 15_000;

    /**
     * Reads it, whatever its case; bandwidths of fewer than four characters, as they are often written, too.
     *
     * @return absent if it is no designation with a bandwidth
     */
    public static Optional<EmissionDesignator> of(String text) {
        Matcher form = FORM.matcher(text.strip().toUpperCase(Locale.ROOT));
        return form.matches()
                ? Optional.of(of(hertz(form), form.group(4), form.group(5), form.group(6)))
                : Optional.empty();
    }

    private static double hertz(Matcher form) {
        double figure = Double.parseDouble(form.group(1) + "." + form.group(3) + "0");
        return switch (form.group(2)) {
            case "H" -> figure;
            case "K" -> figure * 1_000;
            case "M" -> figure * 1_000_000;
            default -> figure * 1_000_000_000;
        };
    }

    private static EmissionDesignator of(double hertz, String modulation, String signal, String information) {
        boolean angle = modulation.equals("F") || modulation.equals("G");
        boolean voice = signal.equals("3") && information.equals("E");
        if (angle && voice) {
            return hertz > MOST_NARROW_HERTZ ? WIDE_FM : NARROW_FM;
        }
        if (modulation.equals("A") && voice) {
            return AM;
        }
        boolean code = "12789X".contains(signal) && "BDEWX".contains(information);
        return angle && code ? DIGITAL : OTHER;
    }
}
