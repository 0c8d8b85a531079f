package reckonrod.core.recipe;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import reckonrod.core.channel.Channel;

/** Guesses column by column; what was found once is not looked for again. */
final class ColumnGuesser {
    static final Pattern DECIMAL = Pattern.compile("[+-]?[0-9]{1,10}[.,][0-9]+");
    private static final Pattern NUMBER = Pattern.compile("[+-]?[0-9]+([.,][0-9]+)?");

    /** What stands above numbers that could be frequencies and are none. */
    private static final String[] NO_FREQUENCY = {
        "shift",
        "offset",
        "tone",
        "tones",
        "ctcss",
        "step",
        "lat",
        "latitude",
        "lon",
        "long",
        "longitude",
        "north",
        "east",
        "south",
        "west",
        "distance",
        "km",
        "miles",
        "height",
        "watts",
        "power"
    };

    private final List<String> headings;
    private final List<List<String>> rows;
    private final List<String> open = new ArrayList<>();
    private final Map<Integer, Holding> found = new LinkedHashMap<>();

    ColumnGuesser(List<String> headings, List<List<String>> rows) {
        this.headings = headings;
        this.rows = rows;
    }

    /** The headings of columns of which nobody knows what they hold. */
    List<String> open() {
        return open;
    }

    List<ExportRecipe.Column> columns() {
        frequencies();
        directions();
        shifts();
        tones();
        words(
                Map.of(
                        "FM", "FM", "NFM", "NFM", "AM", "AM", "WFM", "FM", "FMN", "NFM", "FM-N", "NFM", "WIDE", "FM",
                        "NARROW", "NFM"),
                WordHolding.Kind.EMISSION);
        words(
                Map.of("HIGH", "high", "MID", "mid", "MEDIUM", "mid", "LOW", "low", "HI", "high", "LO", "low"),
                WordHolding.Kind.POWER);
        scans();
        slots();
        names();
        List<ExportRecipe.Column> columns = new ArrayList<>();
        for (int i = 0; i < headings.size(); i++) {
            Holding holding = found.get(i);
            if (holding == null) {
                open.add(headings.get(i));
                holding = new NothingHolding(constant(i));
            }
            columns.add(new ExportRecipe.Column(headings.get(i), holding));
        }
        return columns;
    }

    private List<String> column(int i) {
        return rows.stream().map(row -> i < row.size() ? row.get(i) : "").toList();
    }

    private boolean says(int i, String... words) {
        String heading = headings.get(i).toLowerCase(Locale.ROOT);
        for (String word : words) {
            if (Pattern.compile("(^|[^a-z])" + word + "($|[^a-z])")
                    .matcher(heading)
                    .find()) {
                return true;
            }
        }
        return false;
    }

    private boolean all(int i, Predicate<String> what) {
        List<String> filled = column(i).stream().filter(each -> !each.isEmpty()).toList();
        return !filled.isEmpty() && filled.stream().allMatch(what);
    }

    private String constant(int i) {
        Set<String> values = new LinkedHashSet<>(column(i));
        return values.size() == 1 ? values.iterator().next() : "";
    }

    /** Numbers that can be nothing but frequencies of radio; the first is listened on, another one talked on. */
    private void frequencies() {
        List<Integer> places = new ArrayList<>();
        for (int i = 0; i < headings.size(); i++) {
            if (unit(i).isPresent() && !says(i, NO_FREQUENCY)) {
                places.add(i);
            }
        }
        if (places.isEmpty()) {
            throw new IllegalArgumentException(
                    "No column of the example has frequencies such as 145.310 in all of its rows");
        }
        int listen = places.stream()
                .filter(i -> says(i, "rx", "receive", "listen", "output", "downlink"))
                .findFirst()
                .or(() -> places.stream()
                        .filter(i -> says(i, "frequency", "freq", "f", "mhz", "khz", "hz"))
                        .filter(i -> !says(i, "tx", "transmit", "talk", "input", "uplink"))
                        .findFirst())
                .or(() -> places.stream()
                        .filter(i -> !says(i, "tx", "transmit", "talk", "input", "uplink"))
                        .findFirst())
                .orElse(places.get(0));
        found.put(listen, new FrequencyHolding(false, shown(listen), Optional.empty()));
        places.stream()
                .filter(i -> i != listen)
                .findFirst()
                .ifPresent(i -> found.put(
                        i,
                        new FrequencyHolding(
                                true, shown(i), column(i).contains("") ? Optional.of("") : Optional.<String>empty())));
    }

    /** Megahertz, kilohertz or hertz where all numbers of a column can only be that. */
    private Optional<Unit> unit(int i) {
        // One decimal everywhere and no more than any tone has: those are tones.
        if (all(i, cell -> cell.matches("[0-9]{2,3}[.,][0-9]") && readOr(Unit.MEGAHERTZ, cell) <= 260_000_000L)) {
            return Optional.empty();
        }
        for (String word : List.of("MHz", "kHz", "Hz")) {
            Unit unit = Unit.of(word, OptionalInt.empty());
            // Whole numbers of megahertz alone are as likely to be slots or steps.
            boolean fine = !word.equals("MHz")
                    || column(i).stream().anyMatch(cell -> DECIMAL.matcher(cell).matches());
            if (fine && all(i, cell -> NUMBER.matcher(cell).matches() && isOfRadio(readOr(unit, cell)))) {
                return Optional.of(unit);
            }
        }
        return Optional.empty();
    }

    private static boolean isOfRadio(long hertz) {
        return hertz >= 25_000_000L && hertz <= 3_000_000_000L;
    }

    private static long readOr(Unit unit, String cell) {
        try {
            return unit.read(cell, cell.indexOf(',') >= 0);
        } catch (IllegalArgumentException none) {
            return -1;
        }
    }

    private Unit shown(int i) {
        Unit unit = unit(i).orElse(Unit.MEGAHERTZ);
        return Unit.of(unit.word(), decimals(i));
    }

    /** As many decimals as all cells have; absent if they differ. */
    private OptionalInt decimals(int i) {
        Set<Integer> seen = new LinkedHashSet<>();
        column(i).stream().filter(each -> NUMBER.matcher(each).matches()).forEach(each -> {
            int mark = Math.max(each.indexOf('.'), each.indexOf(','));
            seen.add(mark < 0 ? 0 : each.length() - mark - 1);
        });
        int only = seen.size() == 1 ? seen.iterator().next() : 9;
        return only <= 6 ? OptionalInt.of(only) : OptionalInt.empty();
    }

    private void directions() {
        Map<String, String> known = new LinkedHashMap<>();
        for (String[] each : new String[][] {
            {"+", "plus"},
            {"-", "minus"},
            {"\u2212", "minus"},
            {"plus", "plus"},
            {"minus", "minus"},
            {"up", "plus"},
            {"down", "minus"},
            {"pos", "plus"},
            {"neg", "minus"},
            {"+ve", "plus"},
            {"-ve", "minus"},
            {"simplex", "same"},
            {"none", "same"},
            {"s", "same"},
            {"", "same"},
            {"0", "same"},
            {"=", "same"},
            {"split", "other"},
            {"rx only", "never"},
            {"receive only", "never"}
        }) {
            known.put(each[0], each[1]);
        }
        for (int i = 0; i < headings.size(); i++) {
            if (!found.containsKey(i)
                    && isWords(i, known)
                    && column(i).stream()
                            .map(each -> known.get(each.toLowerCase(Locale.ROOT)))
                            .anyMatch(each -> each.equals("plus") || each.equals("minus"))) {
                found.put(i, new WordHolding(WordHolding.Kind.DIRECTION, chosen(i, known)));
                return;
            }
        }
    }

    private boolean isWords(int i, Map<String, String> known) {
        return column(i).stream().allMatch(each -> known.containsKey(each.toLowerCase(Locale.ROOT)))
                && column(i).stream().anyMatch(each -> !each.isEmpty());
    }

    /** The words that stand there, by what they mean. */
    private Map<String, String> chosen(int i, Map<String, String> known) {
        Map<String, String> words = new LinkedHashMap<>();
        column(i).forEach(each -> words.putIfAbsent(known.get(each.toLowerCase(Locale.ROOT)), each));
        return words;
    }

    private void shifts() {
        boolean directed = found.values().stream()
                .anyMatch(each -> each instanceof WordHolding it && it.kind() == WordHolding.Kind.DIRECTION);
        for (int i = 0; i < headings.size(); i++) {
            if (found.containsKey(i)
                    || !says(i, "shift", "offset", "size", "split")
                    || !all(i, cell -> NUMBER.matcher(cell).matches())) {
                continue;
            }
            double most = column(i).stream()
                    .filter(each -> !each.isEmpty())
                    .mapToDouble(each -> Math.abs(Double.parseDouble(each.replace(',', '.'))))
                    .max()
                    .orElse(0);
            String unit = most >= 100_000 ? "Hz" : most >= 100 ? "kHz" : "MHz";
            boolean signed = column(i).stream().anyMatch(each -> each.startsWith("-") || each.startsWith("+"));
            found.put(
                    i,
                    new ShiftHolding(
                            directed && !signed ? ShiftHolding.Kind.SIZE : ShiftHolding.Kind.SHIFT,
                            Unit.of(unit, decimals(i))));
            return;
        }
    }

    private void tones() {
        List<Integer> places = new ArrayList<>();
        for (int i = 0; i < headings.size(); i++) {
            if (!found.containsKey(i)
                    && all(i, ColumnGuesser::isToneOrNone)
                    && column(i).stream().anyMatch(ColumnGuesser::isTone)
                    && (says(i, "tone", "tones", "ctcss", "dcs", "code", "squelch", "encode", "decode")
                            || all(i, cell -> cell.matches("[0-9]{2,3}[.,][0-9]")))) {
                places.add(i);
            }
        }
        for (int i : places) {
            boolean listens = says(i, "rx", "receive", "listen", "squelch", "decode", "output");
            boolean talk =
                    !listens && found.values().stream().noneMatch(each -> each instanceof ToneHolding it && it.talk());
            boolean codes = all(i, cell -> cell.matches("[0-7]{3}") || !isTone(cell));
            boolean ctcss = all(i, cell -> cell.matches("[0-9]{2,3}[.,][0-9]") || !isTone(cell));
            String none =
                    column(i).stream().filter(each -> !isTone(each)).findFirst().orElse("");
            if (talk || found.values().stream().noneMatch(each -> each instanceof ToneHolding it && !it.talk())) {
                found.put(
                        i,
                        new ToneHolding(
                                talk,
                                codes
                                        ? ToneHolding.Kind.CODE
                                        : ctcss ? ToneHolding.Kind.CTCSS : ToneHolding.Kind.EITHER,
                                none));
            }
        }
    }

    private static boolean isTone(String cell) {
        return cell.matches("(?i)[0-9]{2,3}[.,][0-9]|D[0-7]{3}[NI]?|[0-7]{3}");
    }

    private static boolean isToneOrNone(String cell) {
        return isTone(cell) || cell.matches("(?i)none|off|-+|0|0[.,]0");
    }

    private void words(Map<String, String> known, WordHolding.Kind kind) {
        for (int i = 0; i < headings.size(); i++) {
            int at = i;
            if (!found.containsKey(i)
                    && all(i, cell -> known.containsKey(cell.toUpperCase(Locale.ROOT)))
                    && !column(i).contains("")) {
                Map<String, String> words = new LinkedHashMap<>();
                column(at).forEach(each -> words.putIfAbsent(known.get(each.toUpperCase(Locale.ROOT)), each));
                found.put(i, new WordHolding(kind, words));
                return;
            }
        }
    }

    private void scans() {
        Map<String, Boolean> yes = Map.of(
                "yes", true, "on", true, "1", true, "true", true, "no", false, "off", false, "0", false, "false",
                false);
        for (int i = 0; i < headings.size(); i++) {
            boolean skips = says(i, "skip", "lockout");
            if (!found.containsKey(i)
                    && (skips || says(i, "scan"))
                    && all(i, cell -> yes.containsKey(cell.toLowerCase(Locale.ROOT)))
                    && !column(i).contains("")) {
                Map<String, String> words = new LinkedHashMap<>();
                column(i)
                        .forEach(each -> words.putIfAbsent(
                                yes.get(each.toLowerCase(Locale.ROOT)) != skips ? "yes" : "no", each));
                found.put(i, new WordHolding(WordHolding.Kind.SCAN, words));
                return;
            }
        }
    }

    private void slots() {
        for (int i = 0; i < headings.size(); i++) {
            if (!found.containsKey(i) && all(i, cell -> cell.matches("[0-9]{1,4}"))) {
                List<Integer> numbers = column(i).stream()
                        .filter(each -> !each.isEmpty())
                        .map(Integer::valueOf)
                        .toList();
                boolean rising = java.util.stream.IntStream.range(1, numbers.size())
                        .allMatch(at -> numbers.get(at) > numbers.get(at - 1));
                if (rising && numbers.size() == rows.size()) {
                    found.put(i, new CountHolding(true, 0));
                    return;
                }
            }
        }
    }

    /** The name is what a heading says it is, else the column of words that differ most. */
    private void names() {
        int best = -1;
        for (int i = 0; i < headings.size(); i++) {
            if (!found.containsKey(i) && says(i, "name", "label", "title", "station")) {
                best = i;
                break;
            }
        }
        for (int i = 0; best < 0 && i < headings.size(); i++) {
            if (!found.containsKey(i)
                    && all(i, cell -> cell.matches(".*\\p{L}.*") && cell.length() <= Channel.MOST_NAME_CHARACTERS)
                    && new LinkedHashSet<>(column(i)).size() * 2 > rows.size()) {
                best = i;
            }
        }
        if (best >= 0) {
            int most = 0;
            found.put(best, new TextHolding(TextHolding.Kind.NAME, most));
        }
    }
}
