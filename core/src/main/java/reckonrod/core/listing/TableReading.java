package reckonrod.core.listing;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.listing.Heading.Owner;

/**
 * How a table is read, decided once for the whole of it: what each column means, how that was found, and what only a person can
 * say.
 *
 * @param columns one for each heading
 * @param question which of two readings is right, where neither the headings nor the band plan settle who receives what
 */
public record TableReading(List<ReadColumn> columns, Optional<SideQuestion> question) {
    /** The most cells of a column that are shown. */
    private static final int SHOWN = 3;

    /** How the meaning of a column was found. */
    public enum Basis {
        HEADING,
        VALUES,
        /** By the pairs that the repeaters of the band plan have. */
        PLAN,
        /** Understood, and no part of a channel. */
        NOT_KEPT,
        EMPTY,
        /** One of the two readings of a {@link SideQuestion}. */
        ASKED,
        /** Nobody knows: a person says what it means, or leaves it out. */
        UNKNOWN
    }

    /**
     * One column.
     *
     * @param heading as it stands in the table
     * @param meaning absent where it is left out
     * @param cells the first cells that are not empty
     */
    public record ReadColumn(String heading, Optional<Column> meaning, Basis basis, List<String> cells) {
        public ReadColumn {
            cells = List.copyOf(cells);
        }
    }

    /**
     * Two readings of the same table that differ in which column is received and which is transmitted.
     *
     * @param why what makes it doubtful, in a sentence
     * @param readings the two, likelier first
     */
    public record SideQuestion(String why, List<Mapping> readings) {
        public SideQuestion {
            readings = List.copyOf(readings);
        }
    }

    public TableReading {
        columns = List.copyOf(columns);
    }

    /** What each column means. */
    public Mapping mapping() {
        return new Mapping(columns.stream().map(ReadColumn::meaning).toList());
    }

    /** Columns that have cells and that nobody understood. */
    public List<ReadColumn> unknown() {
        return columns.stream().filter(each -> each.basis() == Basis.UNKNOWN).toList();
    }

    /** Columns that are understood and no part of a channel. */
    public List<ReadColumn> notKept() {
        return columns.stream().filter(each -> each.basis() == Basis.NOT_KEPT).toList();
    }

    /** Whether rows can be read without asking anybody. */
    public boolean isSettled() {
        return question.isEmpty() && unknown().isEmpty() && mapping().missing().isEmpty();
    }

    /**
     * Reads the headings, and the cells where headings say nothing.
     *
     * @param plans those that the repeaters may go by; they tell outputs from inputs where headings do not
     */
    public static TableReading of(Table table, List<BandPlan> plans) {
        return new Finder(new TableLooks(table), plans).find();
    }

    /** One search through the columns of a table. */
    private static final class Finder {
        private final TableLooks looks;
        private final List<BandPlan> plans;
        private final Map<Integer, Column> meanings = new HashMap<>();
        private final Map<Integer, Basis> bases = new HashMap<>();
        private Optional<SideQuestion> question = Optional.empty();

        Finder(TableLooks looks, List<BandPlan> plans) {
            this.looks = looks;
            this.plans = plans;
        }

        TableReading find() {
            byHeadings();
            sides();
            byValues();
            judgePairs();
            for (int i = 0; i < looks.width(); i++) {
                bases.putIfAbsent(i, looks.filled(i).isEmpty() ? Basis.EMPTY : Basis.UNKNOWN);
            }
            return new TableReading(
                    IntStream.range(0, looks.width()).mapToObj(this::column).toList(), question);
        }

        private ReadColumn column(int place) {
            boolean asked = question.stream()
                    .anyMatch(each -> each.readings().stream()
                                    .map(reading -> reading.columns().get(place))
                                    .distinct()
                                    .count()
                            > 1);
            return new ReadColumn(
                    looks.title(place),
                    asked ? Optional.empty() : Optional.ofNullable(meanings.get(place)),
                    asked ? Basis.ASKED : bases.get(place),
                    looks.filled(place).stream().limit(SHOWN).toList());
        }

        private boolean isFree(Column column) {
            return !meanings.containsValue(column);
        }

        private boolean isOpen(int place) {
            return !bases.containsKey(place);
        }

        private void mean(Column column, int place, Basis basis) {
            if (isOpen(place) && isFree(column)) {
                meanings.put(place, column);
                bases.put(place, basis);
            }
        }

        private void byHeadings() {
            for (int i = 0; i < looks.width(); i++) {
                Heading heading = looks.heading(i);
                if (heading.unkept()) {
                    bases.put(i, Basis.NOT_KEPT);
                } else if (looks.isOfToneModes(i)) {
                    mean(Column.TONE_MODE, i, Basis.HEADING);
                } else {
                    int at = i;
                    heading.column()
                            .flatMap(each -> asItsValuesAre(each, at))
                            .ifPresent(column -> mean(column, at, Basis.HEADING));
                }
            }
        }

        private void sides() {
            RadioColumns columns = new RadioColumns(looks, plans, Optional.empty());
            if (columns.isOpen()) {
                question = Optional.of(new SideQuestion(
                        "The headings do not say whether the radio or the repeater transmits, and neither does the band plan",
                        Stream.of(Owner.USER, Owner.REPEATER)
                                .map(owner -> new RadioColumns(looks, plans, Optional.of(owner)).places())
                                .map(this::with)
                                .toList()));
                // Whatever the answer is, these columns are part of it.
                new RadioColumns(looks, plans, Optional.of(Owner.USER))
                        .places()
                        .forEach((column, place) -> mean(column, place, Basis.HEADING));
            } else {
                columns.places().forEach((column, place) -> mean(column, place, Basis.HEADING));
            }
        }

        /** The mapping with some columns at other places; what stood there or meant the same gives way. */
        private Mapping with(Map<Column, Integer> places) {
            Map<Integer, Column> all = new HashMap<>(meanings);
            all.values().removeAll(places.keySet());
            places.forEach((column, place) -> all.put(place, column));
            return new Mapping(IntStream.range(0, looks.width())
                    .mapToObj(i -> Optional.ofNullable(all.get(i)))
                    .toList());
        }

        private void byValues() {
            frequencies();
            for (int i = 0; i < looks.width(); i++) {
                int at = i;
                if (isOpen(i) && looks.heading(i).thing().isEmpty()) {
                    ofValues(looks.filled(i)).ifPresent(column -> mean(column, at, Basis.VALUES));
                }
            }
        }

        /** Frequencies under headings that say nothing: the band plan tells outputs from inputs. */
        private void frequencies() {
            List<Integer> open = IntStream.range(0, looks.width())
                    .filter(i -> isOpen(i) && looks.heading(i).thing().isEmpty())
                    .filter(i -> ColumnValues.areFrequencies(looks.filled(i)))
                    .boxed()
                    .toList();
            if (isFree(Column.OUTPUT) && open.size() == 2) {
                int first = open.get(0);
                int second = open.get(1);
                Pairs pairs = Pairs.of(looks.cells(first), looks.cells(second), plans);
                if (pairs.isClear()) {
                    mean(Column.OUTPUT, pairs.fit() > 0 ? first : second, Basis.PLAN);
                    mean(Column.INPUT, pairs.fit() > 0 ? second : first, Basis.PLAN);
                } else {
                    ask(
                            "No heading says which frequency is received, and the band plan does not settle it",
                            first,
                            second);
                }
            } else if (isFree(Column.OUTPUT) && open.size() == 1) {
                mean(Column.OUTPUT, open.get(0), Basis.VALUES);
            } else if (isFree(Column.INPUT) && open.size() == 1 && isFree(Column.SHIFT) && isFree(Column.SHIFT_SIZE)) {
                int place = open.get(0);
                placeOf(Column.OUTPUT)
                        .map(output -> Pairs.of(looks.cells(output), looks.cells(place), plans))
                        .filter(pairs -> pairs.isClear() && pairs.fit() > 0)
                        .ifPresent(pairs -> mean(Column.INPUT, place, Basis.PLAN));
            }
        }

        private Optional<Integer> placeOf(Column column) {
            return meanings.entrySet().stream()
                    .filter(each -> each.getValue() == column)
                    .map(Map.Entry::getKey)
                    .findFirst();
        }

        private void ask(String why, int first, int second) {
            question = Optional.of(new SideQuestion(
                    why,
                    List.of(
                            with(Map.of(Column.OUTPUT, first, Column.INPUT, second)),
                            with(Map.of(Column.OUTPUT, second, Column.INPUT, first)))));
            mean(Column.OUTPUT, first, Basis.VALUES);
            mean(Column.INPUT, second, Basis.VALUES);
        }

        /** Headings that the pairs of the band plan contradict may have been written by somebody who means the other side. */
        private void judgePairs() {
            Optional<Integer> output = placeOf(Column.OUTPUT);
            Optional<Integer> input = placeOf(Column.INPUT);
            if (question.isPresent() || output.isEmpty() || input.isEmpty()) {
                question = question.map(this::completed);
                return;
            }
            Pairs pairs = Pairs.of(looks.cells(output.get()), looks.cells(input.get()), plans);
            if (pairs.reversed() > pairs.fit()) {
                question = Optional.of(new SideQuestion(
                        "By its headings you would receive on the inputs of the band plan's repeaters",
                        List.of(with(Map.of(Column.OUTPUT, input.get(), Column.INPUT, output.get())), with(Map.of()))));
            }
        }

        /** The two readings with what was found for the other columns since. */
        private SideQuestion completed(SideQuestion asked) {
            return new SideQuestion(
                    asked.why(), asked.readings().stream().map(this::completed).toList());
        }

        private Mapping completed(Mapping reading) {
            return new Mapping(IntStream.range(0, looks.width())
                    .mapToObj(i -> reading.columns()
                            .get(i)
                            .or(() -> Optional.ofNullable(meanings.get(i))
                                    .filter(column -> reading.indexOf(column).isEmpty())))
                    .toList());
        }

        private Optional<Column> ofValues(List<String> values) {
            if (values.isEmpty()) {
                return Optional.empty();
            }
            if (ColumnValues.areTones(values)) {
                // Beside a column that is named for tones, figures that look like some may be heights.
                return isFree(Column.TALK_TONE) && isFree(Column.TALK_CODE)
                        ? Optional.of(Column.TALK_TONE)
                        : Optional.empty();
            }
            if (ColumnValues.areDates(values)) {
                return free(Column.CONFIRMED_ON);
            }
            if (ColumnValues.areDegrees(values, 90)) {
                return free(Column.LATITUDE, Column.LONGITUDE);
            }
            if (ColumnValues.areDegrees(values, 180)) {
                return free(Column.LONGITUDE);
            }
            if (ColumnValues.areLocators(values)) {
                return free(Column.POSITION);
            }
            if (ColumnValues.areCallSigns(values)) {
                return free(Column.CALL_SIGN);
            }
            if (ColumnValues.areSlots(values)) {
                return free(Column.SLOT);
            }
            if (ColumnValues.areModes(values)) {
                return free(Column.MODE);
            }
            if (ColumnValues.areNames(values)) {
                return free(Column.SITE, Column.TOWN);
            }
            return Optional.empty();
        }

        private Optional<Column> free(Column... wanted) {
            return Stream.of(wanted).filter(this::isFree).findFirst();
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
                            !ColumnValues.areFlags(filled) && ColumnValues.arePrintedTones(filled)
                                    ? Column.TALK_TONE
                                    : column);
                // Some number their rows under "location" and "name".
                case SITE ->
                    ColumnValues.arePositions(filled)
                            ? Optional.of(Column.POSITION)
                            : ColumnValues.areRowNumbers(filled)
                                    ? Optional.of(Column.SLOT)
                                    : ColumnValues.areCallSigns(filled) && isFree(Column.CALL_SIGN)
                                            ? Optional.of(Column.CALL_SIGN)
                                            : ColumnValues.areFrequencies(filled)
                                                    ? Optional.empty()
                                                    : Optional.of(column);
                case MODE -> ColumnValues.areToneModes(filled) ? Optional.of(Column.TONE_MODE) : Optional.of(column);
                default -> Optional.of(column);
            };
        }

        private static Column stateOr(List<String> filled, String title) {
            if (ColumnValues.areStates(filled)) {
                return Column.STATE;
            }
            if (ColumnValues.areFlags(filled)) {
                return Column.FLAGS;
            }
            return ColumnValues.someAreStates(filled) || !title.equalsIgnoreCase("state") ? Column.STATE : Column.AREA;
        }
    }
}
