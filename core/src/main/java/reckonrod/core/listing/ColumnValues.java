package reckonrod.core.listing;

import java.math.BigDecimal;
import java.util.List;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import reckonrod.core.bandplan.Band;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.directory.State;
import reckonrod.core.geography.Locator;
import reckonrod.core.geography.PositionReader;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.PublishedTone;
import reckonrod.core.tone.ToneTable;

/** Says what the cells of a column look like, whatever its heading. A column is of a kind if four fifths of its cells are. */
final class ColumnValues {
    private static final double SHARE = 0.8;
    private static final Pattern NUMBER = Pattern.compile("[+-]?[0-9]+(?:[.,][0-9]+)?");
    private static final Pattern CALL_SIGN = Pattern.compile("[A-Z0-9]{1,3}[0-9][A-Z0-9]{0,4}[A-Z](?:[/-][A-Z0-9]+)?");
    private static final List<BigDecimal> STEPS_HERTZ = List.of(BigDecimal.valueOf(5_000), BigDecimal.valueOf(6_250));
    private static final Pattern DEGREES = Pattern.compile("[+-]?[0-9]{1,3}[.,][0-9]{3,}");
    private static final Pattern NAME = Pattern.compile("\\p{Lu}[\\p{L}' -]*\\p{Ll}[\\p{L}' -]*");
    private static final Pattern ROW = Pattern.compile("[0-9]{1,5}");
    private static final Pattern DATE = Pattern.compile("[0-9]{4}-[0-9]{2}-[0-9]{2}");

    private ColumnValues() {}

    static boolean mostly(List<String> values, Predicate<String> kind) {
        return !values.isEmpty() && values.stream().filter(kind).count() >= SHARE * values.size();
    }

    static boolean areFrequencies(List<String> values) {
        return mostly(values, ColumnValues::isFrequency);
    }

    static boolean areTones(List<String> values) {
        return mostly(values, ColumnValues::isTone);
    }

    static boolean areDates(List<String> values) {
        return mostly(values, value -> DATE.matcher(value).matches());
    }

    static boolean areLocators(List<String> values) {
        return mostly(values, Locator::isLocator);
    }

    static boolean arePositions(List<String> values) {
        return mostly(values, ColumnValues::isPosition);
    }

    static boolean areCallSigns(List<String> values) {
        return mostly(values, value -> CALL_SIGN.matcher(value).matches());
    }

    static boolean areRowNumbers(List<String> values) {
        return mostly(values, value -> ROW.matcher(value).matches());
    }

    /** Row numbers that differ from row to row and start low: a channel number, and no height. */
    static boolean areSlots(List<String> values) {
        return values.size() > 1
                && values.stream().allMatch(value -> ROW.matcher(value).matches())
                && values.stream().mapToInt(Integer::parseInt).distinct().count() == values.size()
                && IntStream.range(1, values.size())
                        .allMatch(i -> Integer.parseInt(values.get(i)) == Integer.parseInt(values.get(i - 1)) + 1);
    }

    /** Words that differ from row to row are names; what repeats may be anything. */
    static boolean areNames(List<String> values) {
        return mostly(values, value -> NAME.matcher(value).matches())
                && values.stream().distinct().count() >= SHARE * values.size();
    }

    static boolean areModes(List<String> values) {
        return values.stream().allMatch(value -> CellWords.mode(value).isPresent()) && !values.isEmpty();
    }

    static boolean areToneModes(List<String> values) {
        return mostly(
                        values,
                        value -> CellWords.toneMode(value)
                                .filter(mode -> mode != CellWords.ToneMode.UNSAID)
                                .isPresent())
                && values.stream()
                        .flatMap(value -> CellWords.toneMode(value).stream())
                        .anyMatch(mode -> mode != CellWords.ToneMode.NONE);
    }

    static boolean areStates(List<String> values) {
        return mostly(values, value -> CellWords.state(value).isPresent());
    }

    /** Whether some of them say something of a state: then the others are words for it that are not known. */
    static boolean someAreStates(List<String> values) {
        return values.stream()
                .map(CellWords::state)
                .anyMatch(each -> each.filter(state -> state != State.UNKNOWN).isPresent());
    }

    static boolean areFlags(List<String> values) {
        return mostly(
                values,
                value -> !CellReading.flags(value).known().isEmpty()
                        && CellReading.flags(value).unknown().isEmpty());
    }

    static boolean arePrintedTones(List<String> values) {
        return values.stream().anyMatch(ColumnValues::isPrintedTone);
    }

    /** Three or more decimals: few other figures in a listing have as many. */
    static boolean areDegrees(List<String> values, int most) {
        return mostly(
                values,
                value -> DEGREES.matcher(value).matches()
                        && Math.abs(Double.parseDouble(value.replace(',', '.'))) <= most);
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
