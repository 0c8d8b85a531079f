package reckonrod.core.directory.listing;

import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.directory.Input;
import reckonrod.core.directory.Mode;
import reckonrod.core.directory.State;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;

/** Reads single cells of a listing; each method throws {@link IllegalArgumentException} with what was found and expected. */
final class CellReading {
    private static final Pattern PLAIN_NUMBER = Pattern.compile("[0-9]+(?:[.,][0-9]+)?");
    private static final Pattern SIGNED = Pattern.compile("([+\\-\u2212]?) ?([0-9]+(?:[.,][0-9]+)?) ?(khz|mhz|hz)?");
    private static final Pattern YEAR_FIRST =
            Pattern.compile("([0-9]{4})[-/.]([0-9]{1,2})[-/.]([0-9]{1,2})(?:[T ].*)?");
    private static final Pattern DAY_FIRST = Pattern.compile("([0-9]{1,2})\\.([0-9]{1,2})\\.([0-9]{4})");
    private static final Pattern EITHER_FIRST = Pattern.compile("([0-9]{1,2})[/-]([0-9]{1,2})[/-]([0-9]{4})");
    private static final BigDecimal KILOHERTZ_FROM = BigDecimal.valueOf(25_000);
    private static final BigDecimal HERTZ_FROM = BigDecimal.valueOf(25_000_000);

    private CellReading() {}

    /** Megahertz, or kilohertz or hertz where the number can only be that. */
    static Frequency frequency(String cell) {
        String digits = cell.strip().replace(',', '.');
        if (PLAIN_NUMBER.matcher(digits).matches()) {
            BigDecimal number = new BigDecimal(digits);
            if (number.compareTo(KILOHERTZ_FROM) >= 0) {
                return Frequency.parse(digits + (number.compareTo(HERTZ_FROM) >= 0 ? " Hz" : " kHz"));
            }
        }
        return Frequency.parse(cell);
    }

    static Input shift(String cell) {
        String text = cell.strip().toLowerCase(Locale.ROOT);
        return switch (text) {
            case "+" -> new Input.Signed(true);
            case "-", "\u2212" -> new Input.Signed(false);
            case "0", "simplex", "s", "none" -> new Input.Simplex();
            default -> signedShift(cell, text);
        };
    }

    private static Input signedShift(String cell, String text) {
        Matcher matcher = SIGNED.matcher(text);
        if (!matcher.matches()) {
            throw new IllegalArgumentException(
                    "Shift must be a sign, or a sign and a size such as -0.600 or -600 kHz, was \"" + cell + "\"");
        }
        BigDecimal size = new BigDecimal(matcher.group(2).replace(',', '.'));
        String unit = matcher.group(3);
        // Nobody shifts by 100 MHz and more, nor by less than 100 kHz in a listing of kilohertz.
        int power = unit == null
                ? size.compareTo(BigDecimal.valueOf(100)) >= 0 ? 3 : 6
                : unit.equals("mhz") ? 6 : unit.equals("khz") ? 3 : 0;
        if (size.signum() == 0) {
            return new Input.Simplex();
        }
        try {
            long hertz = size.movePointRight(power).longValueExact();
            boolean down = !matcher.group(1).isEmpty() && !matcher.group(1).equals("+");
            return new Input.Shifted(Shift.ofHertz(down ? -hertz : hertz));
        } catch (ArithmeticException finerThanOneHertz) {
            throw new IllegalArgumentException("Shift must be whole hertz, was \"" + cell + "\"", finerThanOneHertz);
        }
    }

    static OptionalDouble figure(String what, String cell) {
        String text = cell.strip().toLowerCase(Locale.ROOT);
        if (text.isEmpty()) {
            return OptionalDouble.empty();
        }
        Matcher number = Pattern.compile("(-?[0-9]+(?:[.,][0-9]+)?) ?(?:m|w|metres|meters|watts)?")
                .matcher(text);
        if (!number.matches()) {
            throw new IllegalArgumentException(what + " must be a number, was \"" + cell + "\"");
        }
        return OptionalDouble.of(Double.parseDouble(number.group(1).replace(',', '.')));
    }

    static Mode mode(String cell) {
        String text = cell.strip().toLowerCase(Locale.ROOT);
        return switch (text) {
            case "", "fm", "analog", "analogue", "wfm", "f3e" -> Mode.FM;
            case "nfm", "fmn", "narrow", "narrow fm" -> Mode.NFM;
            case "am", "a3e" -> Mode.AM;
            default ->
                // A machine that passes both on can be used by an analogue radio.
                text.contains("fm") || text.contains("analog") ? Mode.FM : Mode.DIGITAL;
        };
    }

    static State state(String cell) {
        String text = cell.strip().toLowerCase(Locale.ROOT).replace('_', ' ').replace('-', ' ');
        return switch (text) {
            case "on air", "on the air", "on", "active", "operational", "working", "yes", "true", "1", "up" ->
                State.ON_AIR;
            case "off air", "off the air", "off", "inactive", "silent", "no", "false", "0", "down", "closed down" ->
                State.OFF_AIR;
            default -> State.UNKNOWN;
        };
    }

    static Set<DirectoryFlag> flags(String cell) {
        Set<DirectoryFlag> flags = EnumSet.noneOf(DirectoryFlag.class);
        for (String word : cell.strip().split("[,;/ ]+", -1)) {
            Optional<DirectoryFlag> whole = byWord(word);
            if (whole.isPresent()) {
                flags.add(whole.get());
            } else if (word.matches("[ELOCWelocw]+")) {
                word.chars()
                        .forEach(letter ->
                                DirectoryFlag.of(String.valueOf((char) letter)).ifPresent(flags::add));
            }
        }
        flags.remove(DirectoryFlag.OFF_AIR);
        return flags;
    }

    private static Optional<DirectoryFlag> byWord(String word) {
        return switch (word.toLowerCase(Locale.ROOT)) {
            case "open" -> Optional.of(DirectoryFlag.OPEN);
            case "closed" -> Optional.of(DirectoryFlag.CLOSED);
            case "linked" -> Optional.of(DirectoryFlag.LINKED);
            case "emergency" -> Optional.of(DirectoryFlag.EMERGENCY_POWER);
            case "wide" -> Optional.of(DirectoryFlag.WIDE_AREA);
            default -> Optional.empty();
        };
    }

    /** A day; one that can be read in two ways is refused. */
    static Optional<LocalDate> day(String cell) {
        String text = cell.strip();
        if (text.isEmpty()) {
            return Optional.empty();
        }
        try {
            Matcher year = YEAR_FIRST.matcher(text);
            if (year.matches()) {
                return Optional.of(date(year.group(1), year.group(2), year.group(3)));
            }
            Matcher day = DAY_FIRST.matcher(text);
            if (day.matches()) {
                return Optional.of(date(day.group(3), day.group(2), day.group(1)));
            }
            Matcher either = EITHER_FIRST.matcher(text);
            if (either.matches()) {
                return Optional.of(eitherWay(text, either));
            }
        } catch (DateTimeException noSuchDay) {
            throw new IllegalArgumentException("Day must exist in the calendar, was \"" + text + "\"", noSuchDay);
        }
        throw new IllegalArgumentException("Day must be written like 2025-04-03, was \"" + text + "\"");
    }

    private static LocalDate eitherWay(String text, Matcher either) {
        int first = Integer.parseInt(either.group(1));
        int second = Integer.parseInt(either.group(2));
        if (first <= 12 && second <= 12 && first != second) {
            throw new IllegalArgumentException(
                    "Day can be read in two ways; write it like 2025-04-03, was \"" + text + "\"");
        }
        return first > 12
                ? date(either.group(3), either.group(2), either.group(1))
                : date(either.group(3), either.group(1), either.group(2));
    }

    private static LocalDate date(String year, String month, String day) {
        return LocalDate.of(Integer.parseInt(year), Integer.parseInt(month), Integer.parseInt(day));
    }
}
