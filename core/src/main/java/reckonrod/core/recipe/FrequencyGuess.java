package reckonrod.core.recipe;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/** Guesses which columns have the frequencies, and which way and how far it is between them. */
final class FrequencyGuess {
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

    private final ExampleColumns columns;

    private FrequencyGuess(ExampleColumns columns) {
        this.columns = columns;
    }

    /**
     * Finds them.
     *
     * @throws IllegalArgumentException if no column has frequencies
     */
    static void in(ExampleColumns columns) {
        FrequencyGuess guess = new FrequencyGuess(columns);
        guess.frequencies();
        guess.directions();
        guess.shifts();
    }

    /** Numbers that can be nothing but frequencies of radio; the first is listened on, another one talked on. */
    private void frequencies() {
        List<Integer> places = new ArrayList<>();
        for (int i = 0; i < columns.count(); i++) {
            if (unit(i).isPresent() && !columns.says(i, NO_FREQUENCY)) {
                places.add(i);
            }
        }
        if (places.isEmpty()) {
            throw new IllegalArgumentException(
                    "No column of the example has frequencies such as 145.310 in all of its rows");
        }
        int listen = places.stream()
                .filter(i -> columns.says(i, "rx", "receive", "listen", "output", "downlink"))
                .findFirst()
                .or(() -> places.stream()
                        .filter(i -> columns.says(i, "frequency", "freq", "f", "mhz", "khz", "hz"))
                        .filter(i -> !columns.says(i, "tx", "transmit", "talk", "input", "uplink"))
                        .findFirst())
                .or(() -> places.stream()
                        .filter(i -> !columns.says(i, "tx", "transmit", "talk", "input", "uplink"))
                        .findFirst())
                .orElse(places.get(0));
        columns.hold(listen, new FrequencyHolding(false, shown(listen), Optional.empty()));
        places.stream()
                .filter(i -> i != listen)
                .findFirst()
                .ifPresent(i -> columns.hold(
                        i,
                        new FrequencyHolding(
                                true,
                                shown(i),
                                columns.column(i).contains("") ? Optional.of("") : Optional.<String>empty())));
    }

    /** Megahertz, kilohertz or hertz where all numbers of a column can only be that. */
    private Optional<Unit> unit(int i) {
        // One decimal everywhere and no more than any tone has: those are tones.
        if (columns.all(
                i, cell -> cell.matches("[0-9]{2,3}[.,][0-9]") && readOr(Unit.MEGAHERTZ, cell) <= 260_000_000L)) {
            return Optional.empty();
        }
        for (String word : List.of("MHz", "kHz", "Hz")) {
            Unit unit = Unit.of(word, OptionalInt.empty());
            // Whole numbers of megahertz alone are as likely to be slots or steps.
            boolean fine = !word.equals("MHz")
                    || columns.column(i).stream()
                            .anyMatch(
                                    cell -> ColumnGuesser.DECIMAL.matcher(cell).matches());
            if (fine
                    && columns.all(
                            i,
                            cell -> ExampleColumns.NUMBER.matcher(cell).matches() && isOfRadio(readOr(unit, cell)))) {
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
        return Unit.of(unit.word(), columns.decimals(i));
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
        for (int i = 0; i < columns.count(); i++) {
            if (columns.isOpen(i)
                    && columns.isWords(i, known)
                    && columns.column(i).stream()
                            .map(each -> known.get(each.toLowerCase(Locale.ROOT)))
                            .anyMatch(each -> each.equals("plus") || each.equals("minus"))) {
                columns.hold(i, new WordHolding(WordHolding.Kind.DIRECTION, columns.chosen(i, known)));
                return;
            }
        }
    }

    private void shifts() {
        Optional<Integer> way = columns.found().entrySet().stream()
                .filter(each -> each.getValue() instanceof WordHolding it && it.kind() == WordHolding.Kind.DIRECTION)
                .map(Map.Entry::getKey)
                .findFirst();
        boolean talks =
                columns.found().values().stream().anyMatch(each -> each instanceof FrequencyHolding it && it.talk());
        for (int i = 0; i < columns.count(); i++) {
            if (!columns.isOpen(i)
                    || !columns.says(i, "shift", "offset", "size", "split")
                    || !columns.all(
                            i, cell -> ExampleColumns.NUMBER.matcher(cell).matches())) {
                continue;
            }
            List<String> cells = columns.column(i);
            boolean signed = cells.stream().anyMatch(each -> each.startsWith("-") || each.startsWith("+"));
            // A size without sign or direction may mean either: nobody guesses that.
            if (!signed && way.isEmpty() && !talks && cells.stream().anyMatch(each -> figure(each) > 0)) {
                return;
            }
            boolean pairs = way.filter(at -> isOfPairs(at, cells)).isPresent();
            String unit = unitOf(pairs ? besidePairs(way.get(), cells) : cells);
            columns.hold(
                    i,
                    new ShiftHolding(
                            way.isEmpty() || signed
                                    ? ShiftHolding.Kind.SHIFT
                                    : pairs ? ShiftHolding.Kind.SIZE_OR_TALK : ShiftHolding.Kind.SIZE,
                            Unit.of(unit, columns.decimals(i))));
            return;
        }
    }

    private static double figure(String cell) {
        return cell.isEmpty() ? 0 : Math.abs(Double.parseDouble(cell.replace(',', '.')));
    }

    private static String unitOf(List<String> sizes) {
        double most = sizes.stream().mapToDouble(FrequencyGuess::figure).max().orElse(0);
        return most >= 100_000 ? "Hz" : most >= 100 ? "kHz" : "MHz";
    }

    /** Whether the rows that have a talk frequency of their own say it where others say a size. */
    private boolean isOfPairs(int way, List<String> cells) {
        List<String> words = columns.column(way);
        String other = ((WordHolding) columns.found().get(way)).words().get("other");
        return other != null
                && IntStream.range(0, cells.size())
                        .filter(row -> words.get(row).equals(other))
                        .allMatch(row -> figure(cells.get(row)) >= 25);
    }

    private List<String> besidePairs(int way, List<String> cells) {
        List<String> words = columns.column(way);
        String other = ((WordHolding) columns.found().get(way)).words().get("other");
        List<String> sizes = new ArrayList<>();
        for (int row = 0; row < cells.size(); row++) {
            if (!words.get(row).equals(other)) {
                sizes.add(cells.get(row));
            }
        }
        return sizes;
    }
}
