package reckonrod.core.directory.listing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Input;
import reckonrod.core.directory.Signal;
import reckonrod.core.directory.Site;
import reckonrod.core.directory.Standing;
import reckonrod.core.finding.Field;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.FindingKind;
import reckonrod.core.finding.Severity;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.geography.Position;
import reckonrod.core.geography.PositionReader;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.PublishedTone;
import reckonrod.core.tone.Tone;
import reckonrod.core.tone.ToneTable;

/** Turns the rows of a table into directory entries. */
public final class RowReader {
    static final FindingKind CELL_UNREADABLE = new FindingKind(
            "row-cell-unreadable",
            Severity.DOUBT,
            "\"{column}\" was left out: {reason}.",
            "The rest of the row is sound; the entry goes without this.");
    static final FindingKind NO_POSITION = new FindingKind(
            "row-without-position",
            Severity.NOTE,
            "{name} has no position.",
            "It is found by its name and frequency, but not by distance, and its reach cannot be judged.");
    static final FindingKind POSITION_ZERO = new FindingKind(
            "row-position-zero",
            Severity.DOUBT,
            "The position of {name} is 0, 0 and was left out.",
            "That is what tables say that know no position.");
    static final FindingKind PAIR_DISAGREES = new FindingKind(
            "row-pair-disagrees",
            Severity.DOUBT,
            "The input {input} and the shift {shift} of {name} disagree.",
            "The input was kept: a published pair wins over a shift.");
    static final FindingKind TONE_UNUSUAL = new FindingKind(
            "row-tone-unusual",
            Severity.DOUBT,
            "{tone} of {name} is in no table of tones.",
            "Radios cannot send it; one digit may be wrong.");
    static final FindingKind FUTURE = new FindingKind(
            "row-confirmed-in-future",
            Severity.DOUBT,
            "{name} was confirmed on {day}, which is still to come, and the day was left out.",
            "Day and month may be the wrong way round.");

    static final FindingKind OUTPUT_OUTSIDE = new FindingKind(
            "row-output-outside",
            Severity.DOUBT,
            "The output {output} of {name} lies in no amateur band of {plan}.",
            "It belongs to another service, or a digit slipped; a list would not let you talk there.");

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
        Optional<String> shape = wrongShape(row.cells());
        if (shape.isPresent()) {
            return new RowReading.Bad(shape.get());
        }
        try {
            return new RowBuild(row).build();
        } catch (IllegalArgumentException wrong) {
            return new RowReading.Bad(wrong.getMessage());
        }
    }

    private Optional<String> wrongShape(List<String> cells) {
        if (cells.size() != width) {
            return Optional.of("The row has " + cells.size() + " cells, the headings have " + width);
        }
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

        RowBuild(Table.Row row) {
            for (int i = 0; i < mapping.columns().size() && i < row.cells().size(); i++) {
                // Notes of several lines are one line here.
                String cell = row.cells().get(i).replaceAll("\\p{Cntrl}+", " ").strip();
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
            String name = cell(Column.SITE).isEmpty() ? callSign : cell(Column.SITE);
            String label = name.isEmpty() ? frequency.toMegahertzText() : name;
            plan.filter(each -> each.bandAt(frequency).isEmpty())
                    .ifPresent(each -> doubts.add(Finding.of(
                            OUTPUT_OUTSIDE,
                            Field.RECEIVE,
                            Map.of("output", frequency.toString(), "name", label, "plan", each.shortTitle()))));
            Site site = new Site(
                    cell(Column.SITE),
                    cell(Column.AREA),
                    position(label),
                    lenient(Column.GROUND, text -> Site.requireGround(CellReading.figure("Ground", text))),
                    lenient(Column.ANTENNA, text -> Site.requireAntenna(CellReading.figure("Antenna height", text))));
            Signal signal = new Signal(
                    frequency,
                    input(frequency, label),
                    tone(Column.TALK_TONE, label),
                    tone(Column.LISTEN_TONE, label),
                    CellReading.mode(cell(Column.MODE)),
                    lenient(Column.WATTS, text -> Signal.requireWatts(CellReading.figure("Power", text))));
            Standing standing = new Standing(
                    CellReading.state(cell(Column.STATE)),
                    CellReading.flags(cell(Column.FLAGS)),
                    confirmed(label),
                    cell(Column.CONFIRMED_BY),
                    cell(Column.SPONSOR),
                    lenient(Column.NOTES, Standing::requireNotes));
            DirectoryEntry entry =
                    new DirectoryEntry(source + ":" + key(frequency, callSign), callSign, site, signal, standing);
            doubts.sort(Finding.ORDER);
            return new RowReading.Good(entry, doubts);
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
            doubts.add(Finding.of(CELL_UNREADABLE, Field.LINE, Map.of("column", column.words(), "reason", reason)));
        }

        private Optional<Position> position(String label) {
            String latitude = cell(Column.LATITUDE);
            String longitude = cell(Column.LONGITUDE);
            String text =
                    latitude.isEmpty() || longitude.isEmpty() ? cell(Column.POSITION) : latitude + " " + longitude;
            if (text.isEmpty()) {
                doubts.add(Finding.of(NO_POSITION, Field.LINE, Map.of("name", label)));
                return Optional.empty();
            }
            try {
                Position position = PositionReader.parse(text);
                if (position.latitudeDegrees() == 0 && position.longitudeDegrees() == 0) {
                    doubts.add(Finding.of(POSITION_ZERO, Field.LINE, Map.of("name", label)));
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
            Input shift =
                    cell(Column.SHIFT).isEmpty() ? new Input.Unpublished() : CellReading.shift(cell(Column.SHIFT));
            if (input.isEmpty()) {
                return shift;
            }
            Frequency at = CellReading.frequency(input);
            boolean disagree =
                    shift.frequency(output).map(each -> !each.equals(at)).orElse(false)
                            || shift instanceof Input.Signed signed && signed.upward() != at.hertz() > output.hertz();
            if (disagree) {
                doubts.add(Finding.of(
                        PAIR_DISAGREES,
                        Field.TRANSMIT,
                        Map.of("input", at.toString(), "shift", cell(Column.SHIFT), "name", label)));
            }
            return at.equals(output) ? new Input.Simplex() : new Input.At(at);
        }

        private Tone tone(Column column, String label) {
            Tone tone = PublishedTone.parse(cell(column));
            if (tone instanceof CtcssTone ctcss && !ToneTable.EXTENDED.contains(ctcss)) {
                doubts.add(Finding.of(
                        TONE_UNUSUAL,
                        column == Column.TALK_TONE ? Field.TALK_TONE : Field.LISTEN_TONE,
                        Map.of("tone", tone.toString(), "name", label)));
            }
            return tone;
        }

        private Optional<LocalDate> confirmed(String label) {
            Optional<LocalDate> day = lenient(Column.CONFIRMED_ON, CellReading::day);
            if (day.filter(each -> each.isAfter(today)).isPresent()) {
                doubts.add(Finding.of(
                        FUTURE,
                        Field.LINE,
                        Map.of("name", label, "day", day.get().toString())));
                return Optional.empty();
            }
            return day;
        }
    }
}
