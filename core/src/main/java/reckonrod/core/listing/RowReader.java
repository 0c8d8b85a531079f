package reckonrod.core.listing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Input;
import reckonrod.core.directory.Mode;
import reckonrod.core.directory.PlannedShift;
import reckonrod.core.directory.Signal;
import reckonrod.core.directory.Site;
import reckonrod.core.directory.Standing;
import reckonrod.core.directory.State;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.frequency.Shift;
import reckonrod.core.geography.Position;
import reckonrod.core.geography.PositionReader;
import reckonrod.core.listing.CellWords.ToneMode;
import reckonrod.core.listing.Heading.Side;
import reckonrod.core.notation.Remark;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.PublishedTone;
import reckonrod.core.tone.Tone;
import reckonrod.core.tone.ToneTable;

/** Turns the rows of a table into directory entries. */
public final class RowReader {
    /** The code of the finding that input and shift of a row disagree; its fact {@code shift} is the shift. */
    public static final String PAIR_DISAGREES_CODE = RowFindings.PAIR_DISAGREES.code();

    /** The code of the finding that a tone burst opens the repeater, which no channel holds. */
    public static final String TONE_BURST_CODE = RowFindings.TONE_BURST.code();

    private static final Set<Remark> TOLD = EnumSet.of(
            Remark.OFF_AIR, Remark.DIGITAL, Remark.OTHER_MODE, Remark.RECEIVE_ONLY, Remark.NARROW, Remark.TONE);
    private static final String BURST_NOTE = "opened by a tone burst of 1750 Hz";
    private static final Pattern UNSIGNED = Pattern.compile("[0-9.,].*[0-9a-zA-Z]|[0-9]");
    private static final int MOST_CELL = 2_000;
    private static final int SHOWN = 40;

    private final Mapping mapping;
    private final int width;
    private final String source;
    private final LocalDate today;
    private final Optional<BandPlan> plan;

    /**
     * A reader of the rows of one table.
     *
     * @param width how many cells a row must have
     * @param source the name of the source, which begins every key
     * @param today the day of reading, which no entry can be confirmed after
     * @param plan the plan whose bands outputs must lie in, else they are doubted; absent for a source of many regions
     */
    public RowReader(Mapping mapping, int width, String source, LocalDate today, Optional<BandPlan> plan) {
        this.mapping = mapping;
        this.width = width;
        this.source = source;
        this.today = today;
        this.plan = plan;
    }

    /** Reads one row; never throws for what stands in it. */
    public RowReading read(Table.Row row) {
        Optional<String> shape = row.otherWidth(width).or(() -> wrongCell(row.cells()));
        if (shape.isPresent()) {
            return new RowReading.Bad(shape.get());
        }
        try {
            return new RowBuild(row).build();
        } catch (IllegalArgumentException wrong) {
            return new RowReading.Bad(wrong.getMessage());
        }
    }

    private static Optional<String> wrongCell(List<String> cells) {
        for (int i = 0; i < cells.size(); i++) {
            String cell = cells.get(i);
            if (cell.length() > MOST_CELL) {
                return Optional.of("Cell " + (i + 1) + " has " + cell.length() + " characters, at most " + MOST_CELL
                        + " are read");
            }
            if (!cell.isEmpty() && (cell.charAt(0) == '=' || cell.charAt(0) == '@')) {
                return Optional.of(
                        "Cell " + (i + 1) + " holds a formula, \"" + shortened(cell) + "\"; only values are read");
            }
        }
        return Optional.empty();
    }

    private static String shortened(String text) {
        return text.length() > SHOWN ? text.substring(0, SHOWN) + "…" : text;
    }

    /** One row on its way to an entry. */
    private final class RowBuild {
        private final Map<Column, String> cells = new EnumMap<>(Column.class);
        private final List<Finding> doubts = new ArrayList<>();
        private boolean burst;

        RowBuild(Table.Row row) {
            for (int i = 0; i < mapping.columns().size() && i < row.cells().size(); i++) {
                // Notes of several lines are one line here.
                String plain = row.cells().get(i).replaceAll("\\p{Cntrl}+", " ").strip();
                String cell = CellReading.isFiller(plain) ? "" : plain;
                mapping.columns().get(i).ifPresent(column -> cells.put(column, cell));
            }
        }

        RowReading build() {
            String output = cell(Column.OUTPUT);
            if (output.isEmpty()) {
                throw new IllegalArgumentException("The output is empty; an entry must have one");
            }
            Frequency frequency = CellReading.frequency(output);
            String callSign = cell(Column.CALL_SIGN).toUpperCase(Locale.ROOT);
            String place = cell(Column.SITE).isEmpty() ? cell(Column.TOWN) : cell(Column.SITE);
            String name = place.isEmpty() ? callSign : place;
            String label = name.isEmpty() ? frequency.toMegahertzText() : name;
            plan.filter(each -> each.bandAt(frequency).isEmpty())
                    .ifPresent(each -> doubts.add(Finding.of(
                            RowFindings.OUTPUT_OUTSIDE,
                            Field.RECEIVE,
                            Map.of("output", frequency.toString(), "name", label, "plan", each.shortTitle()))));
            Site site = new Site(
                    place,
                    cell(Column.AREA).isEmpty() && !cell(Column.SITE).isEmpty() ? cell(Column.TOWN) : cell(Column.AREA),
                    position(label),
                    lenient(Column.GROUND, text -> Site.requireGround(CellReading.figure("Ground", text))),
                    lenient(Column.ANTENNA, text -> Site.requireAntenna(CellReading.figure("Antenna height", text))));
            Map<Side, Tone> tones = tones(label);
            Signal signal = new Signal(
                    frequency,
                    input(frequency, label),
                    tones.get(Side.TALK),
                    tones.get(Side.LISTEN),
                    mode(label),
                    lenient(Column.WATTS, text -> Signal.requireWatts(CellReading.figure("Power", text))));
            CellReading.Flags flags = flags();
            State state = lenient(Column.STATE, CellReading::state);
            if (state == State.UNKNOWN
                    && (flags.offAir() || remarked(Column.NOTES).contains(Remark.OFF_AIR))) {
                state = State.OFF_AIR;
            }
            tellRemarks(tones.get(Side.TALK), state, label);
            Standing standing = new Standing(
                    state, flags.known(), confirmed(label), cell(Column.CONFIRMED_BY), cell(Column.SPONSOR), notes());
            DirectoryEntry entry =
                    new DirectoryEntry(source + ":" + key(frequency, callSign), callSign, site, signal, standing);
            doubts.sort(Finding.ORDER);
            return new RowReading.Good(entry, doubts);
        }

        private Set<Remark> remarked(Column column) {
            return Remark.in(cell(column), false);
        }

        /** What the prose of a row says about the channel, and no column does. */
        private void tellRemarks(Tone talkTone, State state, String label) {
            for (Column column : List.of(Column.STATE, Column.FLAGS, Column.NOTES)) {
                Set<Remark> told = remarked(column);
                told.retainAll(TOLD);
                if (talkTone.isPresent()) {
                    told.remove(Remark.TONE);
                }
                if (state == State.OFF_AIR) {
                    told.removeAll(Set.of(Remark.OFF_AIR, Remark.NOT_NOW));
                }
                told.forEach(each -> doubts.add(Finding.of(
                        RowFindings.REMARK,
                        Field.LINE,
                        Map.of(
                                "column", column.words(),
                                "cell", shortened(cell(column)),
                                "meaning", each.words(),
                                "name", label))));
            }
        }

        private String cell(Column column) {
            return cells.getOrDefault(column, "");
        }

        private String key(Frequency output, String callSign) {
            String own = cell(Column.KEY);
            return !own.isEmpty() ? own : callSign + "@" + output.toMegahertzText() + "@" + cell(Column.SITE);
        }

        /** What a cell says; one that cannot be read is left out and told. */
        private <T> T lenient(Column column, Function<String, T> read) {
            try {
                return read.apply(cell(column));
            } catch (IllegalArgumentException unreadable) {
                leftOut(column, unreadable.getMessage());
                return read.apply("");
            }
        }

        private void leftOut(Column column, String reason) {
            doubts.add(Finding.of(
                    RowFindings.CELL_UNREADABLE, Field.LINE, Map.of("column", column.words(), "reason", reason)));
        }

        /** An angle; one of a column that says its side has its letter, whatever sign stands there. */
        private String angle(Column plain, Column sided, char letter) {
            String angle = cell(sided);
            if (angle.isEmpty()) {
                return cell(plain);
            }
            return isLettered(angle) ? angle : angle.replaceFirst("^[-\u2212]", "") + " " + letter;
        }

        private static boolean isLettered(String angle) {
            return angle.chars().anyMatch(Character::isLetter);
        }

        /** The letter of an angle beside one that has its own; of one that stands alone the sign is enough. */
        private static String beside(String angle, String other, String letters) {
            if (isLettered(angle) || !isLettered(other)) {
                return angle;
            }
            boolean below = angle.matches("[-\u2212].*");
            return (below ? angle.substring(1) : angle) + " " + letters.charAt(below ? 1 : 0);
        }

        private Optional<Position> position(String label) {
            String latitude = angle(Column.LATITUDE, Column.LATITUDE_SOUTH, 'S');
            String longitude = angle(Column.LONGITUDE, Column.LONGITUDE_WEST, 'W');
            String text = latitude.isEmpty() || longitude.isEmpty()
                    ? cell(Column.POSITION)
                    : beside(latitude, longitude, "NS") + " " + beside(longitude, latitude, "EW");
            if (text.isEmpty()) {
                doubts.add(Finding.of(RowFindings.NO_POSITION, Field.LINE, Map.of("name", label)));
                return Optional.empty();
            }
            try {
                Position position = PositionReader.parse(text);
                if (position.latitudeDegrees() == 0 && position.longitudeDegrees() == 0) {
                    doubts.add(Finding.of(RowFindings.POSITION_ZERO, Field.LINE, Map.of("name", label)));
                    return Optional.empty();
                }
                return Optional.of(position);
            } catch (IllegalArgumentException unreadable) {
                leftOut(Column.POSITION, unreadable.getMessage());
                return Optional.empty();
            }
        }

        private Input input(Frequency output, String label) {
            String input = cell(Column.INPUT);
            String way = cell(Column.SHIFT);
            String size = cell(Column.SHIFT_SIZE);
            boolean own =
                    CellWords.way(way).filter(each -> each == CellWords.Way.OWN).isPresent();
            Input shift = own && !input.isEmpty() ? new Input.Unpublished() : ShiftCells.read(way, size);
            if (input.isEmpty()) {
                if (shift instanceof Input.Sized) {
                    doubts.add(Finding.of(
                            RowFindings.SHIFT_UNSIGNED,
                            Field.TRANSMIT,
                            Map.of("shift", shift.words().strip(), "name", label)));
                }
                plan.filter(each -> isAgainst(each, output, way, shift))
                        .ifPresent(each -> doubts.add(Finding.of(
                                RowFindings.SHIFT_NOT_OF_PLAN,
                                Field.TRANSMIT,
                                Map.of("shift", way, "name", label, "plan", each.shortTitle()))));
                return shift;
            }
            Frequency at = CellReading.frequency(input);
            boolean disagree =
                    shift.frequency(output).map(each -> !each.equals(at)).orElse(false)
                            || shift instanceof Input.Signed signed && signed.upward() != at.hertz() > output.hertz()
                            || shift instanceof Input.Sized sized
                                    && Math.abs(at.hertz() - output.hertz())
                                            != sized.size().hertz();
            if (disagree) {
                doubts.add(Finding.of(
                        RowFindings.PAIR_DISAGREES,
                        Field.TRANSMIT,
                        Map.of("input", at.toString(), "shift", way.isEmpty() ? size : way, "name", label)));
            }
            return at.equals(output) ? new Input.Simplex() : new Input.At(at);
        }

        /** Whether a shift is upward for want of a sign, where repeaters of the plan go down and none goes up so far. */
        private boolean isAgainst(BandPlan judging, Frequency output, String way, Input shift) {
            List<Shift> there = PlannedShift.there(output, judging);
            return shift instanceof Input.Shifted shifted
                    && UNSIGNED.matcher(way).matches()
                    && there.stream().anyMatch(each -> each.hertz() < 0)
                    && !there.contains(shifted.shift());
        }

        /** What no channel holds stands in the notes, where it is read before one goes there. */
        private String notes() {
            String notes = lenient(Column.NOTES, Standing::requireNotes);
            String with = notes.isEmpty() ? BURST_NOTE : notes + "; " + BURST_NOTE;
            return !burst || notes.contains("1750") || with.length() > Standing.MOST_NOTES_CHARACTERS ? notes : with;
        }

        private Mode mode(String label) {
            try {
                Mode mode = CellReading.mode(cell(Column.MODE));
                boolean narrow = lenient(Column.BANDWIDTH, CellReading::isNarrow);
                return mode == Mode.FM && narrow ? Mode.NFM : mode;
            } catch (IllegalArgumentException unknown) {
                doubts.add(Finding.of(
                        RowFindings.MODE_UNKNOWN,
                        Field.EMISSION,
                        Map.of("mode", shortened(cell(Column.MODE)), "name", label)));
                return Mode.DIGITAL;
            }
        }

        /** The tones of both sides: those that the row's tone mode says are in use. */
        private Map<Side, Tone> tones(String label) {
            ToneMode mode = lenient(Column.TONE_MODE, CellReading::toneMode);
            Map<Side, Tone> tones = new EnumMap<>(Side.class);
            boolean talks = mode != ToneMode.NONE;
            boolean listens = mode != ToneMode.NONE && mode != ToneMode.TALK;
            tones.put(Side.TALK, talks ? tone(Column.TALK_TONE, Column.TALK_CODE, mode, label) : NoTone.NONE);
            tones.put(Side.LISTEN, listens ? tone(Column.LISTEN_TONE, Column.LISTEN_CODE, mode, label) : NoTone.NONE);
            if (mode == ToneMode.BOTH) {
                useOnBothSides(tones, label);
            }
            boolean none =
                    !tones.get(Side.TALK).isPresent() && !tones.get(Side.LISTEN).isPresent();
            if (none && talks && mode != ToneMode.UNSAID) {
                tellToneMode(label, "no column has the tone");
            }
            // A tone beside an empty mode is a filler or is in use: nobody can say.
            if (!none
                    && mode == ToneMode.UNSAID
                    && mapping.indexOf(Column.TONE_MODE).isPresent()) {
                tellToneMode(label, "a tone is given");
            }
            return tones;
        }

        private void useOnBothSides(Map<Side, Tone> tones, String label) {
            Tone talk = tones.get(Side.TALK);
            Tone listen = tones.get(Side.LISTEN);
            if (talk.isPresent() && listen.isPresent() && !talk.equals(listen)) {
                tellToneMode(label, "the two sides have different tones");
            }
            tones.put(Side.TALK, talk.isPresent() ? talk : listen);
            tones.put(Side.LISTEN, listen.isPresent() ? listen : talk);
        }

        private void tellToneMode(String label, String but) {
            doubts.add(Finding.of(
                    RowFindings.TONE_MODE,
                    Field.TALK_TONE,
                    Map.of("mode", shortened(cell(Column.TONE_MODE)), "but", but, "name", label)));
        }

        /** The tone of a side, from a column of tones or from one of codes alone. */
        private Tone tone(Column tones, Column codes, ToneMode mode, String label) {
            Tone tone = PublishedTone.parse(withoutBurst(cell(tones), label));
            Tone code = PublishedTone.parseCode(cell(codes));
            if (mode == ToneMode.TONE && tone instanceof CtcssTone) {
                code = NoTone.NONE;
            } else if (mode == ToneMode.CODE && (code.isPresent() || tone instanceof CtcssTone)) {
                tone = NoTone.NONE;
            }
            if (tone.isPresent() && code.isPresent() && !tone.equals(code)) {
                throw new IllegalArgumentException("The row has the tone " + tone + " and the code " + code
                        + " for one side, which holds one of them; leave one of the two columns out");
            }
            if (tone instanceof CtcssTone ctcss && !ToneTable.EXTENDED.contains(ctcss)) {
                doubts.add(Finding.of(
                        RowFindings.TONE_UNUSUAL,
                        tones == Column.TALK_TONE ? Field.TALK_TONE : Field.LISTEN_TONE,
                        Map.of("tone", tone.toString(), "name", label)));
            }
            return withPolarity(tone.isPresent() ? tone : code);
        }

        private Tone withPolarity(Tone tone) {
            if (!(tone instanceof DcsCode code)) {
                return tone;
            }
            return switch (lenient(Column.POLARITY, CellReading::polarity)) {
                case UNSAID -> code;
                case NORMAL -> new DcsCode(code.code(), DcsCode.Polarity.NORMAL);
                case INVERTED -> new DcsCode(code.code(), DcsCode.Polarity.INVERTED);
            };
        }

        private String withoutBurst(String cell, String label) {
            Optional<String> rest = CellReading.besideBurst(cell);
            rest.ifPresent(any -> {
                burst = true;
                doubts.add(Finding.of(RowFindings.TONE_BURST, Field.TALK_TONE, Map.of("name", label)));
            });
            return rest.orElse(cell);
        }

        /** The flags that are understood; words that are none are told. */
        private CellReading.Flags flags() {
            CellReading.Flags flags = CellReading.flags(cell(Column.FLAGS));
            if (!flags.unknown().isEmpty()) {
                leftOut(
                        Column.FLAGS,
                        "\"" + shortened(String.join(" ", flags.unknown())) + "\" is no flag that is known");
            }
            return flags;
        }

        private Optional<LocalDate> confirmed(String label) {
            Optional<LocalDate> day = lenient(Column.CONFIRMED_ON, CellReading::day);
            if (day.filter(each -> each.isAfter(today)).isPresent()) {
                doubts.add(Finding.of(
                        RowFindings.FUTURE,
                        Field.LINE,
                        Map.of("name", label, "day", day.get().toString())));
                return Optional.empty();
            }
            return day;
        }
    }
}
