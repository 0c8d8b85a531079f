package reckonrod.core.listing;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.listing.CellWords.Way;
import reckonrod.core.listing.Heading.Owner;
import reckonrod.core.listing.Heading.Side;
import reckonrod.core.listing.Heading.Thing;

/**
 * Finds which columns have the frequencies, the shift and the tones. A table that speaks of sending and receiving may mean the
 * repeater or the radio: the shifts of a band plan tell which, and where they do not, the columns stay open rather than the wrong
 * way round.
 */
final class RadioColumns {
    private static final Pattern MEGAHERTZ = Pattern.compile("[0-9]{3,4}[.,][0-9]{3,}");
    private static final Pattern SIGN = Pattern.compile("^[+\\-\u2212\u2013\u00b1]|[0-9] ?[+\\-\u2212\u2013]$");

    private final TableLooks looks;
    private final List<BandPlan> plans;
    private final Map<Column, Integer> places = new EnumMap<>(Column.class);
    private final Optional<Owner> told;
    private Optional<Owner> sender = Optional.empty();
    private boolean open;

    /**
     * Finds them.
     *
     * @param told who transmits where a heading says "transmit"; absent to find out
     */
    RadioColumns(TableLooks looks, List<BandPlan> plans, Optional<Owner> told) {
        this.looks = looks;
        this.plans = plans;
        this.told = told;
        List<Integer> shifts = aboutShifts();
        frequencies(shifts);
        shifts(shifts);
        tones(Thing.TONE, Column.TALK_TONE, Column.LISTEN_TONE);
        tones(Thing.CODE, Column.TALK_CODE, Column.LISTEN_CODE);
    }

    Map<Column, Integer> places() {
        return places;
    }

    /** Whether a column is transmitted by somebody, and nothing tells by whom. */
    boolean isOpen() {
        return open;
    }

    private List<Integer> about(Thing thing) {
        return all().filter(i -> looks.heading(i).is(thing) && !looks.isOfToneModes(i))
                .toList();
    }

    private Stream<Integer> all() {
        return IntStream.range(0, looks.width()).boxed();
    }

    private void mean(Column column, Optional<Integer> place) {
        place.ifPresent(at -> places.putIfAbsent(column, at));
    }

    private void frequencies(List<Integer> shifts) {
        Map<Side, Integer> sides = new EnumMap<>(Side.class);
        List<Integer> plain = new ArrayList<>();
        List<Integer> about = ofFrequencies();
        for (int i : about) {
            if (!looks.heading(i).isOfSeveralSides()) {
                looks.heading(i).side().ifPresentOrElse(side -> sides.putIfAbsent(side, i), () -> plain.add(i));
            }
        }
        shifts.stream().filter(this::isOfInputs).findFirst().ifPresent(i -> sides.putIfAbsent(Side.TALK, i));
        Optional<Integer> sends = Optional.ofNullable(sides.get(Side.SENDS));
        Optional<Integer> receives = Optional.ofNullable(sides.get(Side.RECEIVES));
        Optional<Integer> talk = Optional.ofNullable(sides.get(Side.TALK));
        Optional<Integer> named = Optional.ofNullable(sides.get(Side.LISTEN))
                .or(() -> plain.stream().findFirst());
        if (sends.isPresent() && receives.isPresent() && named.isEmpty() && talk.isEmpty()) {
            sender = told.or(() -> whoSends(sends.get(), receives.get()));
            open = sender.isEmpty();
            sender.ifPresent(owner -> {
                mean(Column.OUTPUT, owner == Owner.USER ? receives : sends);
                mean(Column.INPUT, owner == Owner.USER ? sends : receives);
            });
            return;
        }
        Optional<Integer> output = named.or(() -> receives).or(() -> sends);
        Optional<Integer> input = talk.or(() -> Stream.of(sends, receives)
                .flatMap(Optional::stream)
                .filter(at -> !output.equals(Optional.of(at)))
                // Of two that are left, the one that says the same as the output is no input.
                .filter(at -> sends.isEmpty()
                        || receives.isEmpty()
                        || !looks.cells(at).equals(looks.cells(output.get())))
                .findFirst());
        mean(Column.OUTPUT, output);
        mean(Column.INPUT, input);
        sender = about.stream().flatMap(i -> looks.heading(i).owner().stream()).findFirst();
        if (sender.isPresent()) {
            return;
        }
        if (same(output, receives) || same(input, sends)) {
            sender = Optional.of(Owner.USER);
        } else if (same(output, sends) || same(input, receives)) {
            sender = Optional.of(Owner.REPEATER);
        }
    }

    /** Columns that are named for frequencies and have some; if none has, those that are named for them. */
    private List<Integer> ofFrequencies() {
        List<Integer> named = about(Thing.FREQUENCY);
        List<Integer> right = named.stream()
                .filter(i -> looks.filled(i).stream()
                        .anyMatch(cell -> Pairs.frequency(cell).isPresent()))
                .toList();
        return right.isEmpty() ? named : right;
    }

    private static boolean same(Optional<Integer> one, Optional<Integer> other) {
        return one.isPresent() && one.equals(other);
    }

    /** The radio, where what receives shifts to what sends as the repeaters of a plan do; the repeater, where it is the other way. */
    private Optional<Owner> whoSends(int sends, int receives) {
        Pairs pairs = Pairs.of(looks.cells(receives), looks.cells(sends), plans);
        return pairs.different() == 0
                ? Optional.of(Owner.USER)
                : pairs.isClear() ? Optional.of(pairs.fit() > 0 ? Owner.USER : Owner.REPEATER) : Optional.empty();
    }

    /** Columns that are named for a shift, and those without a name that have its signs. */
    private List<Integer> aboutShifts() {
        return all().filter(i -> looks.heading(i).is(Thing.SHIFT)
                        || looks.heading(i).saysNothing() && isOfSigns(looks.filled(i)))
                .toList();
    }

    private static boolean isOfSigns(List<String> filled) {
        return !filled.isEmpty()
                && ColumnValues.mostly(filled, cell -> CellWords.way(cell).isPresent())
                && filled.stream().anyMatch(RadioColumns::isSign);
    }

    private static boolean isSign(String cell) {
        return CellWords.way(cell)
                .filter(each -> each == Way.UP || each == Way.DOWN)
                .isPresent();
    }

    private boolean hasFigures(int column) {
        return looks.filled(column).stream().anyMatch(cell -> cell.chars().anyMatch(Character::isDigit));
    }

    private boolean isOfInputs(int column) {
        List<String> filled = looks.filled(column);
        return !filled.isEmpty()
                && ColumnValues.mostly(filled, cell -> MEGAHERTZ.matcher(cell).matches());
    }

    private void shifts(List<Integer> about) {
        List<Integer> left = about.stream()
                .filter(i -> !places.containsValue(i) && !isOfInputs(i))
                .toList();
        Optional<Integer> signs =
                left.stream().filter(i -> isOfSigns(looks.filled(i))).findFirst();
        Optional<Integer> sizes = left.stream()
                .filter(i -> !signs.equals(Optional.of(i)))
                .filter(this::hasFigures)
                .findFirst()
                .or(() -> signs.isPresent() ? Optional.empty() : left.stream().findFirst());
        boolean signed = sizes.stream()
                .flatMap(i -> looks.filled(i).stream())
                .anyMatch(cell -> SIGN.matcher(cell).find());
        if (signs.isPresent()) {
            mean(Column.SHIFT, signs);
            mean(Column.SHIFT_SIZE, sizes);
        } else {
            boolean sizesAlone = !signed
                    && sizes.filter(i -> looks.filled(i).stream()
                                    .anyMatch(cell -> CellWords.way(cell).isEmpty()))
                            .isPresent();
            mean(sizesAlone ? Column.SHIFT_SIZE : Column.SHIFT, sizes);
        }
    }

    private void tones(Thing thing, Column talkColumn, Column listenColumn) {
        Map<Side, Integer> sides = new EnumMap<>(Side.class);
        List<Integer> plain = new ArrayList<>();
        for (int i : about(thing)) {
            if (!looks.heading(i).isOfSeveralSides()) {
                looks.heading(i).side().ifPresentOrElse(side -> sides.putIfAbsent(side, i), () -> plain.add(i));
            }
        }
        Owner owner = sender.orElseGet(() -> whoSendsTones(sides));
        for (Side side : List.of(Side.SENDS, Side.RECEIVES)) {
            Optional.ofNullable(sides.get(side)).ifPresent(i -> sides.putIfAbsent(Heading.seen(side, owner), i));
        }
        Optional<Integer> talk = Optional.ofNullable(sides.get(Side.TALK))
                .or(() -> plain.stream().findFirst());
        mean(talkColumn, talk);
        if (talk.isPresent()) {
            // A table that says what is heard and not what opens the repeater is likelier to mean something else by it.
            mean(listenColumn, Optional.ofNullable(sides.get(Side.LISTEN)));
        }
    }

    /** More repeaters want a tone than send one. */
    private Owner whoSendsTones(Map<Side, Integer> sides) {
        return filled(sides.get(Side.RECEIVES)) > filled(sides.get(Side.SENDS)) && sides.containsKey(Side.SENDS)
                ? Owner.REPEATER
                : Owner.USER;
    }

    private int filled(Integer column) {
        return column == null ? 0 : looks.filled(column).size();
    }
}
