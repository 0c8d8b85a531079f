package reckonrod.core.listing;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reckonrod.core.directory.Input;
import reckonrod.core.frequency.Shift;

/**
 * Reads where a repeater listens from the cells of a shift: one with sign and size, or one with the sign and one with the size. What
 * they leave open stays open, and what they contradict is refused.
 */
final class ShiftCells {
    private static final Pattern NUMBER =
            Pattern.compile("(\u00b1|\\+/-|[+-])? ?([0-9]*[.,]?[0-9]+) ?([mk]?hz|[mk])? ?([+-])?");
    private static final long LEAST_HERTZ = 50_000;
    private static final long MOST_HERTZ = 99_999_999;

    /**
     * A number in a cell.
     *
     * @param sign -1, 1, or 0 where it has none
     * @param hertz its size
     * @param open whether it says that either sign is meant
     */
    private record Size(int sign, long hertz, boolean open) {}

    private ShiftCells() {}

    /**
     * Where it listens.
     *
     * @param way the cell of the shift or of its sign
     * @param size the cell of the size; empty where there is none
     * @throws IllegalArgumentException if they say nothing that can be understood, or contradict each other
     */
    static Input read(String way, String size) {
        Optional<CellWords.Way> word = CellWords.way(way);
        if (word.isEmpty()) {
            return signed(way, number("Shift", way), size);
        }
        return switch (word.get()) {
            case SAME -> new Input.Simplex();
            case OWN -> own(way, size);
            case UNSAID -> isUnsaid(size) ? new Input.Unpublished() : alone(number("Size of the shift", size));
            case UP -> directed(1, way, size);
            case DOWN -> directed(-1, way, size);
        };
    }

    private static boolean isUnsaid(String size) {
        return CellWords.way(size).filter(each -> each == CellWords.Way.UNSAID).isPresent();
    }

    private static Input signed(String way, Size shift, String size) {
        if (!isUnsaid(size)) {
            Size other = number("Size of the shift", size);
            if (other.hertz != shift.hertz || other.sign * shift.sign < 0) {
                throw contradict(way, size);
            }
        }
        return shift.hertz == 0
                ? new Input.Simplex()
                : shift.open
                        ? new Input.Sized(Shift.ofHertz(shift.hertz))
                        : new Input.Shifted(Shift.ofHertz(shift.sign < 0 ? -shift.hertz : shift.hertz));
    }

    private static Input directed(int sign, String way, String size) {
        if (isUnsaid(size)) {
            return new Input.Signed(sign > 0);
        }
        Size by = number("Size of the shift", size);
        if (by.sign * sign < 0) {
            throw contradict(way, size);
        }
        return by.hertz == 0 ? new Input.Signed(sign > 0) : new Input.Shifted(Shift.ofHertz(sign * by.hertz));
    }

    /** A size without a word on its direction has it only by its own sign. */
    private static Input alone(Size size) {
        return size.hertz == 0
                ? new Input.Simplex()
                : size.sign == 0
                        ? new Input.Sized(Shift.ofHertz(size.hertz))
                        : new Input.Shifted(Shift.ofHertz(size.sign * size.hertz));
    }

    private static Input own(String way, String size) {
        if (isUnsaid(size)) {
            throw new IllegalArgumentException("Shift says \"" + way.strip()
                    + "\", an input of its own, and no column of a size or an input has it");
        }
        return new Input.At(CellReading.frequency(size));
    }

    private static IllegalArgumentException contradict(String way, String size) {
        return new IllegalArgumentException("Shift says \"" + way.strip() + "\" and its size \"" + size.strip()
                + "\", which contradict each other; put one of them right");
    }

    private static Size number(String what, String cell) {
        if (CellWords.way(cell).filter(each -> each == CellWords.Way.SAME).isPresent()) {
            return new Size(0, 0, false);
        }
        String text =
                cell.strip().toLowerCase(Locale.ROOT).replace('\u2212', '-').replace('\u2013', '-');
        Matcher number = NUMBER.matcher(text);
        if (!number.matches() || number.group(1) != null && number.group(4) != null) {
            throw new IllegalArgumentException(
                    what + " must be a sign, or a sign and a size such as -0.600 or -600 kHz, was \"" + cell + "\"");
        }
        String sign = number.group(1) == null ? number.group(4) : number.group(1);
        BigDecimal figure = new BigDecimal(number.group(2).replace(',', '.'));
        try {
            long hertz = figure.movePointRight(power(what, cell, number.group(3), figure))
                    .longValueExact();
            if (hertz != 0 && hertz < LEAST_HERTZ || hertz > MOST_HERTZ) {
                throw new IllegalArgumentException(
                        what + " must be 50 kHz to 99.999 MHz, was \"" + cell + "\"; is its unit another one?");
            }
            boolean open = sign != null && sign.length() > 1 || "\u00b1".equals(sign);
            return new Size(sign == null || open ? 0 : sign.equals("-") ? -1 : 1, hertz, open);
        } catch (ArithmeticException finerThanOneHertz) {
            throw new IllegalArgumentException(what + " must be whole hertz, was \"" + cell + "\"", finerThanOneHertz);
        }
    }

    /** Nobody shifts by 100 MHz and more, nor by less than 100 kHz in a listing of kilohertz, nor by parts of a kilohertz. */
    private static int power(String what, String cell, String unit, BigDecimal figure) {
        if (unit != null) {
            return unit.startsWith("m") ? 6 : unit.startsWith("k") ? 3 : 0;
        }
        if (figure.compareTo(BigDecimal.valueOf(100)) < 0) {
            return 6;
        }
        if (figure.scale() > 2 || figure.stripTrailingZeros().scale() > 0) {
            throw new IllegalArgumentException(what + " must be a sign, or a sign and a size such as -0.600, was \""
                    + cell + "\"; if that is the input, its column means the input");
        }
        return figure.compareTo(BigDecimal.valueOf(LEAST_HERTZ * 2)) >= 0 ? 0 : 3;
    }
}
