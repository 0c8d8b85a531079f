package reckonrod.core.take;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.channel.Power;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Input;
import reckonrod.core.directory.Mode;
import reckonrod.core.directory.State;
import reckonrod.core.finding.Finding;
import reckonrod.core.finding.Severity;
import reckonrod.core.listing.Column;
import reckonrod.core.listing.Mapping;
import reckonrod.core.listing.RowReader;
import reckonrod.core.listing.RowReading;
import reckonrod.core.listing.Table;
import reckonrod.core.listing.TableReader;
import reckonrod.core.listing.TableReading;
import reckonrod.core.notation.LineWriter;
import reckonrod.core.notation.Reckoner;

/**
 * Turns a table with headings into lines of notation. Once the columns are understood, rows are read by column and by nothing else.
 *
 * @param lines the lines, one for each row; a row that gives no channel stays as its cells, with the reason behind it
 * @param unread how many rows stay as their cells
 * @param setAside what stood between the rows and is none: titles, units, headings of sections
 * @param reading how the table was read; absent for a text that is no table
 * @param isRead whether the rows were read; false while the reading has something to ask
 */
public record ListingLines(
        List<String> lines, int unread, List<String> setAside, Optional<TableReading> reading, boolean isRead) {
    private static final int MOST_LINE = 200;
    /** Doubts that the line itself raises again when it is read. */
    private static final Set<String> TOLD_BY_LINE = Set.of(
            RowReader.PAIR_DISAGREES_CODE,
            RowReader.TONE_BURST_CODE,
            "row-shift-unsigned",
            "row-shift-not-of-plan",
            "row-tone-unusual",
            "row-output-outside",
            "row-mode-unknown");
    /** Cells of a directory that no channel has. */
    private static final Set<String> NO_PART = Stream.of(
                    Column.POSITION, Column.GROUND, Column.ANTENNA, Column.WATTS, Column.CONFIRMED_ON)
            .map(Column::words)
            .collect(Collectors.toSet());

    /** What a line says besides its name. */
    private static final Set<Column> KEPT = EnumSet.of(
            Column.OUTPUT,
            Column.INPUT,
            Column.SHIFT,
            Column.SHIFT_SIZE,
            Column.TALK_TONE,
            Column.LISTEN_TONE,
            Column.TALK_CODE,
            Column.LISTEN_CODE,
            Column.TONE_MODE,
            Column.POLARITY,
            Column.MODE,
            Column.BANDWIDTH,
            Column.STATE,
            Column.FLAGS);

    public ListingLines {
        lines = List.copyOf(lines);
        setAside = List.copyOf(setAside);
    }

    /** Lines of another table of ours, whose columns need no reading. */
    public static ListingLines ofOwn(List<String> lines, int unread) {
        return new ListingLines(lines, unread, List.of(), Optional.empty(), true);
    }

    /** The headings of columns that have cells and of which nothing went into the lines. */
    public List<String> leftOut(Mapping mapping) {
        Set<Column> kept = EnumSet.copyOf(KEPT);
        // The first of these that a table has gives the names.
        Stream.of(Column.SITE, Column.TOWN, Column.CALL_SIGN)
                .filter(column -> mapping.indexOf(column).isPresent())
                .findFirst()
                .ifPresent(kept::add);
        return reading.stream()
                .flatMap(each -> IntStream.range(0, each.columns().size())
                        .filter(i -> !each.columns().get(i).cells().isEmpty())
                        .filter(i ->
                                mapping.columns().get(i).filter(kept::contains).isEmpty())
                        .mapToObj(i -> each.columns().get(i).heading()))
                .toList();
    }

    /** Whether it was a table, read or not. */
    public boolean isTable() {
        return isRead || reading.isPresent();
    }

    /**
     * Reads a pasted text. What is no table with headings comes back as it is; so does a table whose reading has something to ask.
     *
     * @param plan supplies shifts that the table leaves out
     * @param today the day of reading
     */
    public static ListingLines of(String text, BandPlan plan, LocalDate today) {
        Optional<TableReader> found = TableReader.find(text);
        Optional<TableReading> reading = found.map(each -> TableReading.of(each.table(), List.of(plan)));
        if (reading.isEmpty() || !reading.get().isSettled()) {
            return new ListingLines(text.lines().toList(), 0, List.of(), reading, false);
        }
        return read(found.get(), reading.get(), reading.get().mapping(), plan, today);
    }

    /**
     * Reads it by what a person says of its columns.
     *
     * @param mapping one meaning for each heading
     * @throws IllegalArgumentException if the text is no table, or the mapping does not fit it; the message says why
     */
    public static ListingLines of(String text, Mapping mapping, BandPlan plan, LocalDate today) {
        TableReader found = TableReader.find(text)
                .orElseThrow(() -> new IllegalArgumentException("The text must be a table with headings, and is none"));
        int headings = found.table().headings().size();
        if (mapping.columns().size() != headings) {
            throw new IllegalArgumentException(
                    "columns must name " + headings + " meanings, one for each heading, named "
                            + mapping.columns().size());
        }
        mapping.missing().ifPresent(missing -> {
            throw new IllegalArgumentException("The rows cannot be read yet: " + missing);
        });
        return read(found, TableReading.of(found.table(), List.of(plan)), mapping, plan, today);
    }

    private static ListingLines read(
            TableReader found, TableReading reading, Mapping mapping, BandPlan plan, LocalDate today) {
        RowReader reader = new RowReader(mapping, found.table().headings().size(), "pasted", today, Optional.of(plan));
        List<String> lines = new ArrayList<>();
        int unread = 0;
        for (Table.Row row : found.table().rows()) {
            RowReading read = reader.read(row);
            Optional<String> line = read.fold(good -> line(good, row, mapping, plan), bad -> Optional.empty());
            unread += line.isPresent() ? 0 : 1;
            lines.add(line.orElseGet(() -> asCells(
                    row,
                    read.fold(
                            good -> good.entry().signal().mode() == Mode.DIGITAL ? "digital" : "no channel comes of it",
                            RowReading.Bad::reason))));
        }
        return new ListingLines(
                lines,
                unread,
                found.setAside().stream().map(ListingLines::joined).toList(),
                Optional.of(reading),
                true);
    }

    private static String joined(Table.Row row) {
        return row.cells().stream().filter(cell -> !cell.isBlank()).collect(Collectors.joining(" "));
    }

    private static String asCells(Table.Row row, String reason) {
        return withRemark(shortened(joined(row), MOST_LINE / 2), "row not read: " + reason);
    }

    private static String withRemark(String line, String remark) {
        String plain = remark.replaceAll("[\\p{Cntrl}]+", " ").strip();
        return line + " " + shortened(Reckoner.REMARK + " " + plain, Math.max(8, MOST_LINE - line.length() - 1));
    }

    private static String shortened(String text, int most) {
        return text.length() > most ? text.substring(0, most - 1).strip() + "…" : text;
    }

    /** What a row leaves in doubt is left so in its line, so that it is told where the line is read; a sure line would hide it. */
    private static Optional<String> line(RowReading.Good row, Table.Row cells, Mapping mapping, BandPlan plan) {
        DirectoryEntry entry = row.entry();
        Input input = entry.signal().input();
        Optional<String> disagree = doubt(row, RowReader.PAIR_DISAGREES_CODE)
                .map(each -> " " + each.facts().get("shift") + input.words());
        Optional<String> open = input instanceof Input.Unpublished
                ? Optional.of("")
                : input instanceof Input.Sized sized
                        ? Optional.of(
                                EntryTalk.of(entry.signal(), plan).line().isPresent()
                                        ? ""
                                        : sized.words().replace("\u00b1", ""))
                        : disagree;
        String burst = doubt(row, RowReader.TONE_BURST_CODE).isPresent() ? " burst" : "";
        Optional<Channel> channel = open.isPresent() ? Taking.listening(entry, plan) : Taking.channel(entry, plan);
        String remark = remark(row, cells, mapping);
        return channel.map(each ->
                        each.withName(name(entry)).withFlags(flags(entry)).withPower(power(cells, mapping)))
                .map(each -> open.map(talk -> LineWriter.write(each, plan, talk))
                                .orElseGet(() -> LineWriter.write(each, plan))
                        + burst)
                .map(line -> remark.isEmpty() ? line : withRemark(line, remark));
    }

    /** The cells that leave something in doubt, each with its column. */
    private static String remark(RowReading.Good row, Table.Row cells, Mapping mapping) {
        return row.doubts().stream()
                .filter(each -> each.kind().severity() != Severity.NOTE
                        && !TOLD_BY_LINE.contains(each.kind().code()))
                .map(each -> each.facts().getOrDefault("column", Column.TONE_MODE.words()))
                .filter(column -> !NO_PART.contains(column))
                .distinct()
                .map(column -> column + ": " + cell(cells, mapping, column))
                .collect(Collectors.joining("; "));
    }

    private static String cell(Table.Row row, Mapping mapping, String words) {
        return Arrays.stream(Column.values())
                .filter(column -> column.words().equals(words))
                .findFirst()
                .flatMap(mapping::indexOf)
                .filter(at -> at < row.cells().size())
                .map(at -> row.cells().get(at).strip())
                .orElse("");
    }

    private static Optional<Finding> doubt(RowReading.Good row, String code) {
        return row.doubts().stream()
                .filter(each -> each.kind().code().equals(code))
                .findFirst();
    }

    /** A table of one's own may say a level where a directory has watts; those of a repeater are none of the channel's. */
    private static Power power(Table.Row row, Mapping mapping) {
        String cell = mapping.indexOf(Column.WATTS)
                .filter(at -> at < row.cells().size())
                .map(at -> row.cells().get(at).strip().toLowerCase(Locale.ROOT))
                .orElse("");
        return switch (cell) {
            case "low", "lo", "l" -> Power.LOW;
            case "mid", "medium", "med", "m" -> Power.MID;
            default -> Power.HIGH;
        };
    }

    /** What a line says of an entry besides its channel; in a line, being silent is a flag. */
    private static Set<DirectoryFlag> flags(DirectoryEntry entry) {
        Set<DirectoryFlag> flags = EnumSet.noneOf(DirectoryFlag.class);
        flags.addAll(entry.standing().flags());
        if (entry.standing().state() == State.OFF_AIR) {
            flags.add(DirectoryFlag.OFF_AIR);
        }
        return flags;
    }

    private static String name(DirectoryEntry entry) {
        String place = entry.site().name();
        String name = place.isEmpty() ? entry.label() : place;
        return name.length() > Channel.MOST_NAME_CHARACTERS
                ? name.substring(0, Channel.MOST_NAME_CHARACTERS).strip()
                : name;
    }
}
