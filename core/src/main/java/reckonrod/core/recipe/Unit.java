package reckonrod.core.recipe;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.OptionalInt;
import java.util.regex.Pattern;

/**
 * The form that frequencies have in a column.
 *
 * @param power 10 to this power is its hertz: 6, 3 or 0
 * @param decimals how many decimals are written; absent for as many as it needs
 */
record Unit(int power, OptionalInt decimals) {
    static final Unit MEGAHERTZ = new Unit(6, OptionalInt.empty());

    private static final Pattern NUMBER = Pattern.compile("[+-]?[0-9]{1,12}([.,][0-9]{1,9})?");

    static Unit of(String word, OptionalInt decimals) {
        return switch (word) {
            case "MHz" -> new Unit(6, decimals);
            case "kHz" -> new Unit(3, decimals);
            case "Hz" -> new Unit(0, decimals);
            default -> throw new IllegalArgumentException("unit must be MHz, kHz or Hz, was \"" + word + "\"");
        };
    }

    String word() {
        return power == 6 ? "MHz" : power == 3 ? "kHz" : "Hz";
    }

    String write(long hertz, boolean decimalComma) {
        BigDecimal number = BigDecimal.valueOf(hertz).movePointLeft(power);
        try {
            BigDecimal shown = decimals.isPresent()
                    ? number.setScale(decimals.getAsInt(), RoundingMode.UNNECESSARY)
                    : number.signum() == 0 ? BigDecimal.ZERO : number.stripTrailingZeros();
            return shown.toPlainString().replace('.', decimalComma ? ',' : '.');
        } catch (ArithmeticException tooFine) {
            throw new UnwritableException(number.stripTrailingZeros().toPlainString() + " " + word()
                    + " needs more than " + decimals.getAsInt() + " decimals");
        }
    }

    /**
     * Hertz of a number. Of megahertz either decimal mark is read; of smaller units the other one may stand for thousands, and is
     * refused.
     */
    long read(String cell, boolean decimalComma) {
        String text = cell.strip().replace('\u2212', '-');
        if (!NUMBER.matcher(text).matches() || power < 6 && text.indexOf(decimalComma ? '.' : ',') >= 0) {
            throw new IllegalArgumentException("must be a number of " + word()
                    + (power < 6 ? ", with a " + (decimalComma ? "comma" : "point") + " before decimals" : "")
                    + ", was \""
                    + cell + "\"");
        }
        try {
            return new BigDecimal(text.replace(',', '.')).movePointRight(power).longValueExact();
        } catch (ArithmeticException tooFine) {
            throw new IllegalArgumentException("must be whole hertz, was " + cell + " " + word(), tooFine);
        }
    }

    String asYaml() {
        return "unit: " + word() + (decimals.isPresent() ? ", decimals: " + decimals.getAsInt() : "");
    }

    static boolean isUnit(String word) {
        return Arrays.asList("MHz", "kHz", "Hz").contains(word);
    }
}
