package reckonrod.core.listing;

import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.directory.Mode;
import reckonrod.core.directory.State;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.notation.Remark;

/** Reads single cells of a listing; each method throws {@link IllegalArgumentException} with what was found and expected. */
final class CellReading {
    private static final Pattern PLAIN_NUMBER = Pattern.compile("[0-9]+(?:[.,][0-9]+)?");
    private static final Pattern MODE_WORDS = Pattern.compile("[\\p{L}\\p{N}]+(?:-[\\p{L}\\p{N}]+)*");
    private static final Pattern WIDTH = Pattern.compile("([0-9]{1,2}(?:[.,k][0-9]{1,2})?) ?(?:k|khz)?");
    private static final Pattern WIDTH_BESIDE = Pattern.compile(
            "(?<![\\p{L}\\p{N}.,])(?:([0-9]{1,2}[.,k][0-9]{1,2}) ?(?:k|khz)?|([0-9]{1,2}) ?k(?:hz)?)(?![\\p{L}\\p{N}])");
    private static final double LEAST_KILOHERTZ = 5;
    private static final double MOST_NARROW_KILOHERTZ = 15;
    private static final Pattern BURST =
            Pattern.compile("(?<![0-9.])1750(?![0-9]|[.,][0-9])(?: ?hz)?(?: (?:tone )?burst)?|(?:tone )?burst");
    private static final Pattern JOINS = Pattern.compile("^[\\s/,;+&|-]*(?:or )?[\\s]*|[\\s/,;+&|]*(?: or)?[\\s]*$");
    private static final Pattern FLAG_PARTS = Pattern.compile("[^,;/]+");
    private static final Pattern FLAG_WORDS = Pattern.compile("[^ ()]+");
    private static final Pattern LETTERS = Pattern.compile("[ELOCW]{2,5}|[elocw]{2,5}");
    private static final Pattern YEAR_FIRST =
            Pattern.compile("([0-9]{4})[-/.]([0-9]{1,2})[-/.]([0-9]{1,2})(?:[T ].*)?");
    private static final Pattern DAY_FIRST = Pattern.compile("([0-9]{1,2})\\.([0-9]{1,2})\\.([0-9]{4})");
    private static final Pattern EITHER_FIRST = Pattern.compile("([0-9]{1,2})[/-]([0-9]{1,2})[/-]([0-9]{4})");
    private static final BigDecimal KILOHERTZ_FROM = BigDecimal.valueOf(25_000);
    private static final BigDecimal HERTZ_FROM = BigDecimal.valueOf(25_000_000);

    private static final Pattern FILLER =
            Pattern.compile("(?i)[-\u2010-\u2015\u2212_.*?\u2026]{2,}|\u2014|n/?a|n\\.a\\.|null|undefined");

    private CellReading() {}

    /** Whether a cell is filled with a sign that stands for nothing, such as {@code ---} or {@code n/a}. */
    static boolean isFiller(String cell) {
        return FILLER.matcher(cell.strip()).matches();
    }

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

    /**
     * What a machine passes on; of several, what most radios can use.
     *
     * @throws IllegalArgumentException if no word of the cell is known
     */
    static Mode mode(String cell) {
        if (cell.isBlank()) {
            return Mode.FM;
        }
        Set<Mode> modes = EnumSet.noneOf(Mode.class);
        CellWords.mode(cell)
                .ifPresentOrElse(
                        modes::add,
                        () -> MODE_WORDS
                                .matcher(cell)
                                .results()
                                .forEach(word -> CellWords.mode(word.group()).ifPresent(modes::add)));
        if (modes.isEmpty()) {
            Set<Remark> said = Remark.in(cell, true);
            if (said.contains(Remark.NARROW)) {
                modes.add(Mode.NFM);
            } else if (said.contains(Remark.WIDE)) {
                modes.add(Mode.FM);
            } else if (said.contains(Remark.DIGITAL)) {
                modes.add(Mode.DIGITAL);
            }
        }
        if (modes.contains(Mode.NFM) || modes.contains(Mode.FM) && saysNarrowWidth(cell)) {
            return Mode.NFM;
        }
        return modes.stream()
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "Mode must be a word such as FM, NFM, AM or digital, was \"" + cell + "\""));
    }

    /** Whether a width stands beside the mode, as in {@code FM 12.5 kHz}: a figure with a decimal or with its unit. */
    private static boolean saysNarrowWidth(String cell) {
        return WIDTH_BESIDE
                .matcher(cell.toLowerCase(Locale.ROOT))
                .results()
                .map(width -> Double.parseDouble((width.group(1) == null ? width.group(2) : width.group(1))
                        .replace(',', '.')
                        .replace('k', '.')))
                .anyMatch(kilohertz -> kilohertz >= LEAST_KILOHERTZ && kilohertz <= MOST_NARROW_KILOHERTZ);
    }

    /**
     * Whether a channel of that width is a narrow one: up to 15 kHz.
     *
     * @throws IllegalArgumentException if it is neither a width in kHz nor a word for narrow or wide
     */
    static boolean isNarrow(String cell) {
        Optional<Mode> word = CellWords.mode(cell);
        if (cell.isBlank() || word.isPresent()) {
            return word.filter(Mode.NFM::equals).isPresent();
        }
        String text = cell.strip().toLowerCase(Locale.ROOT);
        if (text.equals("n") || text.equals("w")) {
            return text.equals("n");
        }
        Matcher width = WIDTH.matcher(text);
        double kilohertz = width.matches()
                ? Double.parseDouble(width.group(1).replace(',', '.').replace('k', '.'))
                : 0;
        // A 0 or a 1 is a yes or no of somebody's own, or nothing.
        if (kilohertz < LEAST_KILOHERTZ) {
            throw new IllegalArgumentException("Channel width must be kHz such as 12.5 or 25, was \"" + cell + "\"");
        }
        return kilohertz <= MOST_NARROW_KILOHERTZ;
    }

    /** @throws IllegalArgumentException if the words are not known */
    static State state(String cell) {
        Optional<State> known = CellWords.state(cell);
        if (known.isPresent()) {
            return known.get();
        }
        if (Remark.in(cell, true).stream().anyMatch(each -> each == Remark.OFF_AIR || each == Remark.NOT_NOW)) {
            return State.OFF_AIR;
        }
        throw new IllegalArgumentException(
                "State must be a word such as on air, off air or unknown, was \"" + cell + "\"");
    }

    /** @throws IllegalArgumentException if the words are not known */
    static CellWords.ToneMode toneMode(String cell) {
        return CellWords.toneMode(cell)
                .orElseThrow(() -> new IllegalArgumentException(
                        "Tone mode must be a word such as tone, tone squelch or none, was \"" + cell + "\""));
    }

    /** @throws IllegalArgumentException if the words are not known */
    static CellWords.Polarity polarity(String cell) {
        return CellWords.polarity(cell)
                .orElseThrow(() -> new IllegalArgumentException(
                        "DCS polarity must be normal or inverted for both sides, was \"" + cell + "\""));
    }

    /**
     * The flags of a cell.
     *
     * @param known those that are understood
     * @param offAir whether they say that it is off the air, which is a state
     * @param unknown the words that are not understood
     */
    record Flags(Set<DirectoryFlag> known, boolean offAir, List<String> unknown) {}

    static Flags flags(String cell) {
        Set<DirectoryFlag> flags = EnumSet.noneOf(DirectoryFlag.class);
        List<String> unknown = new ArrayList<>();
        for (MatchResult part : FLAG_PARTS.matcher(cell).results().toList()) {
            String words = part.group().strip();
            if (words.isEmpty() || words.equals("-")) {
                continue;
            }
            Optional<DirectoryFlag> whole = CellWords.flag(words);
            if (whole.isPresent()) {
                flags.add(whole.get());
            } else {
                FLAG_WORDS.matcher(words).results().map(MatchResult::group).forEach(word -> flag(word, flags, unknown));
            }
        }
        // A machine is not for all and for members only.
        if (flags.contains(DirectoryFlag.OPEN) && flags.contains(DirectoryFlag.CLOSED)) {
            return new Flags(Set.of(), false, List.of(cell));
        }
        boolean offAir = flags.remove(DirectoryFlag.OFF_AIR);
        return new Flags(flags, offAir, unknown);
    }

    private static void flag(String word, Set<DirectoryFlag> flags, List<String> unknown) {
        Optional<DirectoryFlag> flag = CellWords.flag(word);
        if (flag.isPresent()) {
            flags.add(flag.get());
        } else if (LETTERS.matcher(word).matches() && word.chars().distinct().count() == word.length()) {
            word.chars()
                    .forEach(letter ->
                            DirectoryFlag.of(Character.toString(letter)).ifPresent(flags::add));
        } else {
            unknown.add(word);
        }
    }

    /** What stands beside a burst of 1750 Hz in the cell of a tone; absent where it speaks of none. */
    static Optional<String> besideBurst(String cell) {
        Matcher burst = BURST.matcher(cell.strip().toLowerCase(Locale.ROOT));
        if (!burst.find()) {
            return Optional.empty();
        }
        String rest = burst.replaceFirst(" ");
        return Optional.of(JOINS.matcher(rest).replaceAll(""));
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
