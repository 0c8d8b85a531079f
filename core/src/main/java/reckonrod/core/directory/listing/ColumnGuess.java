package reckonrod.core.directory.listing;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.directory.State;
import reckonrod.core.geography.Locator;
import reckonrod.core.geography.PositionReader;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.PublishedTone;
import reckonrod.core.tone.ToneTable;

/** Guesses what the columns of a table mean: by their headings, and where those say nothing, by the values themselves. */
public final class ColumnGuess {
    private static final double SHARE = 0.8;
    private static final Pattern NUMBER = Pattern.compile("[+-]?[0-9]+(?:[.,][0-9]+)?");
    private static final Pattern CALL_SIGN = Pattern.compile("[A-Z0-9]{1,3}[0-9][A-Z0-9]{0,4}[A-Z](?:[/-][A-Z0-9]+)?");
    private static final List<BigDecimal> STEPS_HERTZ = List.of(BigDecimal.valueOf(5_000), BigDecimal.valueOf(6_250));
    private static final Pattern DEGREES = Pattern.compile("[+-]?[0-9]{1,3}[.,][0-9]{3,}");
    private static final Pattern NAME = Pattern.compile("\\p{Lu}[\\p{L}' -]*\\p{Ll}[\\p{L}' -]*");
    private static final Pattern ROW = Pattern.compile("[0-9]{1,5}");
    private static final Pattern DATE = Pattern.compile("[0-9]{4}-[0-9]{2}-[0-9]{2}");

    private final TableLooks looks;
    private final Map<Column, Integer> places = new EnumMap<>(Column.class);
    private final Set<Integer> settled = new HashSet<>();

    private ColumnGuess(TableLooks looks) {
        this.looks = looks;
    }

    /** What the headings say of the columns, where the values do not speak against it. */
    public static Mapping ofHeadings(Table table, List<BandPlan> plans) {
        ColumnGuess guess = new ColumnGuess(new TableLooks(table));
        guess.byHeadings(plans);
        return guess.mapping();
    }

    /**
     * The most likely mapping of a table.
     *
     * @param plans those that its repeaters may go by, which tell outputs from inputs where nothing else does
     */
    public static Mapping of(Table table, List<BandPlan> plans) {
        ColumnGuess guess = new ColumnGuess(new TableLooks(table));
        guess.byHeadings(plans);
        for (int i = 0; i < guess.looks.width(); i++) {
            if (!guess.settled.contains(i)) {
                int at = i;
                guess.byValues(guess.looks.filled(i)).ifPresent(column -> guess.mean(column, at));
            }
        }
        return guess.mapping();
    }

    /** The headings of columns that speak of a tone or a shift, have values, and mean nothing by a mapping. */
    public static List<String> open(Table table, Mapping mapping) {
        TableLooks looks = new TableLooks(table);
        return IntStream.range(0, looks.width())
                .filter(i -> looks.heading(i).isOfToneOrShift()
                        && mapping.columns().get(i).isEmpty()
                        && !looks.filled(i).isEmpty())
                .mapToObj(table.headings()::get)
                .toList();
    }

    private Mapping mapping() {
        List<Optional<Column>> columns = new ArrayList<>();
        for (int i = 0; i < looks.width(); i++) {
            int at = i;
            columns.add(places.entrySet().stream()
                    .filter(each -> each.getValue() == at)
                    .map(Map.Entry::getKey)
                    .findFirst());
        }
        return new Mapping(columns);
    }

    private void mean(Column column, int place) {
        if (settled.add(place)) {
            places.putIfAbsent(column, place);
        }
    }

    private void byHeadings(List<BandPlan> plans) {
        for (int i = 0; i < looks.width(); i++) {
            Heading heading = looks.heading(i);
            int at = i;
            heading.column().flatMap(each -> asItsValuesAre(each, at)).ifPresent(column -> mean(column, at));
            if (heading.is(Heading.Thing.NOTHING)) {
                settled.add(i);
            }
        }
        new RadioColumns(looks, plans).places().forEach((column, place) -> {
            settled.add(place);
            places.putIfAbsent(column, place);
        });
        for (int i = 0; i < looks.width(); i++) {
            if (looks.heading(i).thing().isPresent() && !looks.filled(i).isEmpty()) {
                // What its heading speaks of and nobody could place is not guessed from its values either.
                settled.add(i);
            }
        }
    }

    /** Some headings are used for two things: the values say which. */
    private Optional<Column> asItsValuesAre(Column column, int place) {
        List<String> filled = looks.filled(place);
        if (filled.isEmpty()) {
            return Optional.of(column);
        }
        return switch (column) {
            case STATE -> Optional.of(stateOr(filled, looks.title(place)));
            case FLAGS ->
                Optional.of(
                        !isOfFlags(filled) && filled.stream().anyMatch(ColumnGuess::isPrintedTone)
                                ? Column.TALK_TONE
                                : column);
            // Some number their rows under "location".
            case SITE ->
                mostly(filled, ColumnGuess::isPosition)
                        ? Optional.of(Column.POSITION)
                        : mostly(filled, value -> ROW.matcher(value).matches())
                                ? Optional.empty()
                                : Optional.of(column);
            default -> Optional.of(column);
        };
    }

    private static Column stateOr(List<String> filled, String title) {
        if (mostly(filled, value -> CellWords.state(value).isPresent())) {
            return Column.STATE;
        }
        if (isOfFlags(filled)) {
            return Column.FLAGS;
        }
        return isOfStates(filled) || !title.equalsIgnoreCase("state") ? Column.STATE : Column.AREA;
    }

    private static boolean isOfFlags(List<String> filled) {
        return mostly(
                filled,
                value -> !CellReading.flags(value).known().isEmpty()
                        && CellReading.flags(value).unknown().isEmpty());
    }

    /** Whether some of them say something of a state: then the others are words for it that are not known. */
    private static boolean isOfStates(List<String> filled) {
        return filled.stream()
                .map(CellWords::state)
                .anyMatch(each -> each.filter(state -> state != State.UNKNOWN).isPresent());
    }

    private Optional<Column> byValues(List<String> values) {
        if (values.isEmpty()) {
            return Optional.empty();
        }
        if (mostly(values, ColumnGuess::isFrequency)) {
            return free(Column.OUTPUT, Column.INPUT);
        }
        if (mostly(values, ColumnGuess::isTone)) {
            return free(Column.TALK_TONE, Column.LISTEN_TONE);
        }
        if (mostly(values, value -> DATE.matcher(value).matches())) {
            return free(Column.CONFIRMED_ON);
        }
        if (mostly(values, value -> isDegrees(value, 90))) {
            return free(Column.LATITUDE, Column.LONGITUDE);
        }
        if (mostly(values, value -> isDegrees(value, 180))) {
            return free(Column.LONGITUDE);
        }
        if (mostly(values, Locator::isLocator)) {
            return free(Column.POSITION);
        }
        if (mostly(values, value -> CALL_SIGN.matcher(value).matches())) {
            return free(Column.CALL_SIGN);
        }
        // What is in words and differs from row to row is a name; what repeats may be anything.
        if (mostly(values, value -> NAME.matcher(value).matches())
                && values.stream().distinct().count() >= SHARE * values.size()) {
            return free(Column.SITE);
        }
        return Optional.empty();
    }

    static boolean mostly(List<String> values, Predicate<String> kind) {
        return values.stream().filter(kind).count() >= SHARE * values.size();
    }

    private Optional<Column> free(Column... wanted) {
        for (Column each : wanted) {
            if (!places.containsKey(each)) {
                return Optional.of(each);
            }
        }
        return Optional.empty();
    }

    private static boolean isFrequency(String value) {
        if (!NUMBER.matcher(value).matches() || value.indexOf('.') < 0 && value.indexOf(',') < 0) {
            return false;
        }
        BigDecimal number = new BigDecimal(value.replace(',', '.'));
        return number.scale() >= 3
                && number.signum() > 0
                && isInBand(number.movePointRight(6))
                && isOnSomeRaster(number.movePointRight(6));
    }

    // Latitudes of the north look like the 6 m band, but are no multiples of a step.
    private static boolean isOnSomeRaster(BigDecimal hertz) {
        return STEPS_HERTZ.stream().anyMatch(step -> hertz.remainder(step).signum() == 0);
    }

    private static boolean isInBand(BigDecimal hertz) {
        return BandPlans.shipped().all().stream()
                .flatMap(plan -> plan.bands().stream())
                .map(Band::range)
                .anyMatch(range -> hertz.compareTo(
                                        BigDecimal.valueOf(range.lower().hertz()))
                                >= 0
                        && hertz.compareTo(BigDecimal.valueOf(range.upper().hertz())) <= 0);
    }

    /** Degrees are published with so many decimals that hardly anything else is meant. */
    private static boolean isDegrees(String value, int most) {
        return DEGREES.matcher(value).matches() && Math.abs(Double.parseDouble(value.replace(',', '.'))) <= most;
    }

    private static boolean isPosition(String value) {
        try {
            PositionReader.parse(value);
            return true;
        } catch (IllegalArgumentException none) {
            return false;
        }
    }

    private static boolean isPrintedTone(String value) {
        try {
            return PublishedTone.parse(value).isPresent();
        } catch (IllegalArgumentException noTone) {
            return false;
        }
    }

    private static boolean isTone(String value) {
        try {
            return ToneTable.EXTENDED.contains(CtcssTone.parse(value));
        } catch (IllegalArgumentException noTone) {
            return false;
        }
    }
}
