package reckonrod.core.recipe;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.ToneTable;

/** Guesses which columns have the tones, and which of them says what counts. */
final class ToneGuess {
    private static final Map<String, String> KINDS = kinds();

    private final ExampleColumns columns;

    private ToneGuess(ExampleColumns columns) {
        this.columns = columns;
    }

    static void in(ExampleColumns columns) {
        new ToneGuess(columns).tones();
    }

    private static Map<String, String> kinds() {
        Map<String, String> kinds = new LinkedHashMap<>();
        List.of("", "none", "off", "no", "-").forEach(each -> kinds.put(each, "none"));
        List.of("tone", "t", "enc", "encode", "talk", "tx", "tone enc", "ctcss enc")
                .forEach(each -> kinds.put(each, "talk"));
        List.of("tsql", "tsq", "t sql", "tone sql", "sql", "both", "enc/dec", "enc dec", "tone squelch", "ctcss sql")
                .forEach(each -> kinds.put(each, "both"));
        List.of("dcs", "dtcs", "dpl", "code").forEach(each -> kinds.put(each, "code"));
        kinds.put("cross", "cross");
        return kinds;
    }

    private void tones() {
        boolean sorted = true;
        for (int i = 0; i < columns.count(); i++) {
            if (columns.isOpen(i) && isKind(i)) {
                // Which of the tones counts must be known, or a cell that does not count is taken for a tone.
                sorted = columns.isWords(i, KINDS) && wordsDiffer(i) && bothIsOne(i);
                if (sorted) {
                    columns.hold(i, new WordHolding(WordHolding.Kind.TONES, columns.chosen(i, KINDS)));
                }
                break;
            }
        }
        if (sorted) {
            places().forEach(this::place);
        }
    }

    private boolean isKind(int i) {
        return columns.says(i, "tone", "tones", "ctcss", "squelch", "sql")
                        && columns.says(i, "mode", "type", "kind", "function")
                || columns.says(i, "tone", "tones", "squelch", "sql")
                        && !columns.all(i, ToneGuess::isToneOrNone)
                        && columns.isWords(i, KINDS);
    }

    /** Two words for one thing could not be written again as they stood. */
    private boolean wordsDiffer(int i) {
        return columns.column(i).stream().distinct().count()
                == columns.chosen(i, KINDS).size();
    }

    /** Where two tones are meant by a word for one, nobody knows which of the two cells counts. */
    private boolean bothIsOne(int kind) {
        List<Integer> tones = places().stream()
                .filter(i -> columns.all(i, cell -> isCtcss(cell) || !isTone(cell)))
                .toList();
        return IntStream.range(0, columns.rows())
                .filter(row ->
                        "both".equals(KINDS.get(columns.column(kind).get(row).toLowerCase(Locale.ROOT))))
                .allMatch(row -> tones.stream()
                                .map(i -> columns.column(i).get(row))
                                .filter(ToneGuess::isTone)
                                .distinct()
                                .count()
                        <= 1);
    }

    private List<Integer> places() {
        List<Integer> places = new ArrayList<>();
        for (int i = 0; i < columns.count(); i++) {
            boolean named =
                    columns.says(i, "tone", "tones", "ctcss", "dcs", "code", "squelch", "encode", "decode", "sql");
            if (columns.isOpen(i)
                    && !columns.says(i, "step", "steps", "spacing", "bandwidth")
                    && columns.all(i, ToneGuess::isToneOrNone)
                    && columns.column(i).stream().anyMatch(ToneGuess::isTone)
                    && (named || columns.all(i, ToneGuess::isCtcss))) {
                places.add(i);
            }
        }
        return places;
    }

    private void place(int i) {
        boolean listens = columns.says(i, "rx", "receive", "listen", "squelch", "decode", "output", "sql", "heard");
        boolean codes = columns.all(i, cell -> cell.matches("[0-7]{3}") || !isTone(cell));
        boolean ctcss = columns.all(i, cell -> isCtcss(cell) || !isTone(cell));
        ToneHolding.Kind kind =
                codes ? ToneHolding.Kind.CODE : ctcss ? ToneHolding.Kind.CTCSS : ToneHolding.Kind.EITHER;
        boolean talk = !listens && !has(true, kind);
        if (talk || !has(false, kind)) {
            String none = columns.column(i).stream()
                    .filter(each -> !isTone(each))
                    .findFirst()
                    .orElse("");
            columns.hold(i, new ToneHolding(talk, kind, none));
        }
    }

    /** Whether a side has a column for such tones already; one of codes stands beside one of CTCSS tones. */
    private boolean has(boolean talk, ToneHolding.Kind kind) {
        return columns.found().values().stream()
                .anyMatch(each -> each instanceof ToneHolding it
                        && it.talk() == talk
                        && (it.kind() == kind
                                || it.kind() == ToneHolding.Kind.EITHER
                                || kind == ToneHolding.Kind.EITHER));
    }

    private static boolean isCtcss(String cell) {
        try {
            return cell.matches("[0-9]{2,3}[.,][0-9]")
                    && ToneTable.EXTENDED.contains(CtcssTone.parse(cell.replace(',', '.')));
        } catch (IllegalArgumentException none) {
            return false;
        }
    }

    private static boolean isTone(String cell) {
        return isCtcss(cell) || cell.matches("(?i)D[0-7]{3}[NI]?|[0-7]{3}");
    }

    private static boolean isToneOrNone(String cell) {
        return isTone(cell) || cell.toLowerCase(Locale.ROOT).matches("none|off|-+|0|0[.,]0");
    }
}
