package reckonrod.core.fieldlog;

import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import reckonrod.core.geography.Position;
import reckonrod.core.listing.CsvTable;
import reckonrod.core.listing.CsvWriter;
import reckonrod.core.listing.Table;

/**
 * The log as comma-separated values (RFC 4180, UTF-8), moments as in ISO 8601 with their offset, positions in degrees of WGS 84, and
 * such a table as a log again. What cannot be read is told with its row; nothing is guessed.
 */
public final class FieldLogCsv {
    private static final Pattern SPACES = Pattern.compile("[\\s,;]+");
    private static final int MOST_TOLD = 8;

    private enum Column {
        ID("Test"),
        AT("Moment"),
        PLACE("Place"),
        LATITUDE("Latitude"),
        LONGITUDE("Longitude"),
        RADIO("Radio"),
        CHANNEL("Channel"),
        LINE("Line"),
        SEEN("Seen and heard"),
        STRENGTH("Strength"),
        NOTE("Note");

        private final String heading;

        Column(String heading) {
            this.heading = heading;
        }
    }

    private static final Set<Column> NEEDED = EnumSet.of(Column.AT, Column.LINE, Column.SEEN);

    private FieldLogCsv() {}

    /** The table. */
    public static String write(List<FieldTest> tests) {
        List<List<String>> rows = new ArrayList<>();
        rows.add(Arrays.stream(Column.values()).map(each -> each.heading).toList());
        tests.forEach(test -> rows.add(Arrays.stream(Column.values())
                .map(column -> CsvWriter.harmless(cell(test, column)))
                .toList()));
        return CsvWriter.write(rows);
    }

    private static String cell(FieldTest test, Column column) {
        return switch (column) {
            case ID -> test.id().toString();
            case AT -> test.at().toString();
            case PLACE -> test.place();
            case LATITUDE ->
                test.position().map(each -> degrees(each.latitudeDegrees())).orElse("");
            case LONGITUDE ->
                test.position().map(each -> degrees(each.longitudeDegrees())).orElse("");
            case RADIO -> test.radio();
            case CHANNEL -> test.channel();
            case LINE -> test.line();
            case SEEN -> test.seen().stream().map(Seen::id).collect(Collectors.joining(" "));
            case STRENGTH -> test.strength() == 0 ? "" : String.valueOf(test.strength());
            case NOTE -> test.note();
        };
    }

    static String degrees(double degrees) {
        return String.format(Locale.ROOT, "%.6f", degrees);
    }

    /**
     * The tests of a table; one without an id of its own gets one that follows from what it says, so that the same file twice is the
     * same tests.
     *
     * @throws IllegalArgumentException if it is no such table, or a row cannot be read; the message names the rows
     */
    public static List<FieldTest> read(String text) {
        Table table = CsvTable.parse(text.replace("\uFEFF", ""));
        List<String> headings = table.headings().stream()
                .map(each -> each.strip().toLowerCase(Locale.ROOT))
                .toList();
        NEEDED.forEach(each -> {
            if (!headings.contains(each.heading.toLowerCase(Locale.ROOT))) {
                throw new IllegalArgumentException("A log must have the columns "
                        + NEEDED.stream().map(column -> column.heading).collect(Collectors.joining(", "))
                        + "; there is no "
                        + each.heading);
            }
        });
        Arrays.stream(Column.values())
                .map(each -> each.heading)
                .filter(each -> Collections.frequency(headings, each.toLowerCase(Locale.ROOT)) > 1)
                .findFirst()
                .ifPresent(each -> {
                    throw new IllegalArgumentException(
                            "Two columns are headed \"" + each + "\"; leave one of them out");
                });
        List<FieldTest> tests = new ArrayList<>();
        List<String> faults = new ArrayList<>();
        for (Table.Row row : table.rows()) {
            try {
                row.otherWidth(headings.size()).ifPresent(wrong -> {
                    throw new IllegalArgumentException(wrong);
                });
                tests.add(test(row.cells(), headings));
            } catch (IllegalArgumentException | DateTimeException unreadable) {
                faults.add("line " + row.line() + ": " + unreadable.getMessage());
            }
        }
        if (!faults.isEmpty()) {
            throw new IllegalArgumentException(faults.size() + (faults.size() == 1 ? " row" : " rows")
                    + " cannot be read, so nothing was taken in: "
                    + String.join("; ", faults.subList(0, Math.min(MOST_TOLD, faults.size())))
                    + (faults.size() > MOST_TOLD ? "; and " + (faults.size() - MOST_TOLD) + " more" : ""));
        }
        return tests;
    }

    private static FieldTest test(List<String> cells, List<String> headings) {
        String line = cell(cells, headings, Column.LINE);
        if (line.isEmpty()) {
            throw new IllegalArgumentException("Line must not be empty");
        }
        Instant at = moment(cell(cells, headings, Column.AT));
        String id = cell(cells, headings, Column.ID);
        String strength = cell(cells, headings, Column.STRENGTH);
        return new FieldTest(
                id.isEmpty()
                        ? UUID.nameUUIDFromBytes(String.join("\u0000", cells).getBytes(StandardCharsets.UTF_8))
                        : uuid(id),
                at,
                cell(cells, headings, Column.PLACE),
                position(cell(cells, headings, Column.LATITUDE), cell(cells, headings, Column.LONGITUDE)),
                cell(cells, headings, Column.RADIO),
                cell(cells, headings, Column.CHANNEL),
                line,
                seen(cell(cells, headings, Column.SEEN)),
                strength.isEmpty() ? 0 : whole(strength),
                cell(cells, headings, Column.NOTE));
    }

    private static String cell(List<String> cells, List<String> headings, Column column) {
        int at = headings.indexOf(column.heading.toLowerCase(Locale.ROOT));
        return at < 0 || at >= cells.size()
                ? ""
                : CsvWriter.asItWas(cells.get(at)).strip();
    }

    private static Instant moment(String text) {
        try {
            return OffsetDateTime.parse(text).toInstant();
        } catch (DateTimeException unreadable) {
            throw new IllegalArgumentException(
                    "Moment must be like 2026-11-27T14:05:00Z, with its offset, was \"" + text + "\"", unreadable);
        }
    }

    private static UUID uuid(String text) {
        try {
            return UUID.fromString(text);
        } catch (IllegalArgumentException unreadable) {
            throw new IllegalArgumentException("Test must be the number of a test or empty, was \"" + text + "\"");
        }
    }

    private static Optional<Position> position(String latitude, String longitude) {
        if (latitude.isEmpty() && longitude.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Position(number("Latitude", latitude), number("Longitude", longitude)));
    }

    private static double number(String what, String text) {
        try {
            return Double.parseDouble(text);
        } catch (NumberFormatException unreadable) {
            throw new IllegalArgumentException(
                    what + " must be in degrees, such as 47.5123, was \"" + text + "\"", unreadable);
        }
    }

    private static int whole(String text) {
        try {
            return Integer.parseInt(text);
        } catch (NumberFormatException unreadable) {
            throw new IllegalArgumentException("Strength must be 1 to 5 or empty, was \"" + text + "\"", unreadable);
        }
    }

    private static Set<Seen> seen(String text) {
        Set<Seen> seen = EnumSet.noneOf(Seen.class);
        for (String each : SPACES.split(text, -1)) {
            if (!each.isBlank()) {
                seen.add(Seen.parse(each));
            }
        }
        return seen;
    }
}
