package reckonrod.core.take;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.channel.Power;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Input;
import reckonrod.core.directory.State;
import reckonrod.core.directory.listing.Column;
import reckonrod.core.directory.listing.ColumnGuess;
import reckonrod.core.directory.listing.CsvTable;
import reckonrod.core.directory.listing.Mapping;
import reckonrod.core.directory.listing.RowReader;
import reckonrod.core.directory.listing.RowReading;
import reckonrod.core.directory.listing.Table;
import reckonrod.core.finding.Finding;
import reckonrod.core.notation.LineWriter;

/**
 * Turns a table with headings into lines of notation, so that a column of talk tones is read as one and not as the figure that
 * happens to stand first.
 *
 * @param lines the lines, one for each row; a row that gives no channel stays as its cells
 * @param isTable whether it was a table
 * @param unread how many rows stay as their cells
 */
public record ListingLines(List<String> lines, boolean isTable, int unread) {
    private static final int LEAST_COLUMNS = 3;

    public ListingLines {
        lines = List.copyOf(lines);
    }

    /**
     * Reads a pasted text. What is no table with headings that are understood comes back as it is.
     *
     * @param plan supplies shifts that the table leaves out
     * @param today the day of reading
     */
    public static ListingLines of(String text, BandPlan plan, LocalDate today) {
        Optional<Table> table = table(text);
        if (table.isEmpty()) {
            return new ListingLines(text.lines().toList(), false, 0);
        }
        Mapping mapping = ColumnGuess.ofHeadings(table.get(), List.of(plan));
        int known = (int) mapping.columns().stream().filter(Optional::isPresent).count();
        if (known < LEAST_COLUMNS
                || mapping.missing().isPresent()
                || !ColumnGuess.open(table.get(), mapping).isEmpty()) {
            return new ListingLines(text.lines().toList(), false, 0);
        }
        RowReader reader = new RowReader(mapping, table.get().headings().size(), "pasted", today, Optional.of(plan));
        List<String> lines = new ArrayList<>();
        int unread = 0;
        for (Table.Row row : table.get().rows()) {
            Power power = power(row, mapping);
            Optional<String> line = reader.read(row).fold(good -> line(good, power, plan), bad -> Optional.empty());
            unread += line.isPresent() ? 0 : 1;
            lines.add(line.orElseGet(
                    () -> row.cells().stream().filter(cell -> !cell.isBlank()).collect(Collectors.joining(" "))));
        }
        return new ListingLines(lines, true, unread);
    }

    private static Optional<Table> table(String text) {
        try {
            return Optional.of(CsvTable.parse(text))
                    .filter(table -> table.headings().size() >= LEAST_COLUMNS);
        } catch (IllegalArgumentException noTable) {
            return Optional.empty();
        }
    }

    /** What a row leaves in doubt is left so in its line, so that it is told where the line is read; a sure line would hide it. */
    private static Optional<String> line(RowReading.Good row, Power power, BandPlan plan) {
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
        return channel.map(each ->
                        each.withName(name(entry)).withFlags(flags(entry)).withPower(power))
                .map(each -> open.map(talk -> LineWriter.write(each, plan, talk))
                                .orElseGet(() -> LineWriter.write(each, plan))
                        + burst);
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
