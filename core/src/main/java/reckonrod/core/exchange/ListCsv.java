package reckonrod.core.exchange;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.channel.Channel;
import reckonrod.core.channel.DirectoryFlag;
import reckonrod.core.channel.Emission;
import reckonrod.core.channel.Power;
import reckonrod.core.channel.Talk;
import reckonrod.core.frequency.Frequency;
import reckonrod.core.list.Block;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.listing.CsvTable;
import reckonrod.core.listing.CsvWriter;
import reckonrod.core.listing.Table;
import reckonrod.core.notation.LineWriter;
import reckonrod.core.take.ListingLines;
import reckonrod.core.tone.CtcssTone;
import reckonrod.core.tone.DcsCode;
import reckonrod.core.tone.NoTone;
import reckonrod.core.tone.Tone;

/**
 * A list as comma-separated values (RFC 4180, UTF-8) with headings of our own, and such a table as lines again. What is read are
 * the figures of its columns, in any order and with either decimal mark; slots and blocks are for people. Lost is whether a shift
 * came by rule, the rules of blocks, short names, what was laid aside, the link to the directory, and the history.
 */
public final class ListCsv {
    private enum Column {
        SLOT("Slot"),
        BLOCK("Block"),
        NAME("Name"),
        LISTEN("Listen MHz"),
        TALK("Talk MHz"),
        TALK_TONE("Talk tone"),
        LISTEN_TONE("Listen tone"),
        EMISSION("Emission"),
        POWER("Power"),
        CODES("Codes"),
        PINNED("Pinned"),
        LINE("Line as typed");

        private final String heading;

        Column(String heading) {
            this.heading = heading;
        }

        private static Optional<Column> of(String heading) {
            return Arrays.stream(values())
                    .filter(each -> each.heading.equalsIgnoreCase(heading.strip()))
                    .findFirst();
        }
    }

    /** A table that has these is one of ours. */
    private static final Set<Column> OURS = Set.of(Column.LISTEN, Column.TALK, Column.EMISSION, Column.POWER);

    private ListCsv() {}

    /** The table. */
    public static String write(ChannelList list) {
        return CsvWriter.write(rows(list, entry -> true));
    }

    /** Some channels as the same table with tabs between the cells, for a spreadsheet or another list. */
    public static String tabbed(ChannelList list, Set<UUID> channels) {
        return CsvWriter.tabbed(rows(list, entry -> channels.contains(entry.id())));
    }

    private static List<List<String>> rows(ChannelList list, Predicate<ListEntry> which) {
        List<List<String>> rows = new ArrayList<>();
        rows.add(Arrays.stream(Column.values()).map(each -> each.heading).toList());
        list.entries().forEach((slot, entry) -> {
            if (which.test(entry)) {
                rows.add(Arrays.stream(Column.values())
                        .map(column -> CsvWriter.harmless(cell(list, slot, entry, column)))
                        .toList());
            }
        });
        return rows;
    }

    private static String cell(ChannelList list, int slot, ListEntry entry, Column column) {
        Channel channel = entry.channel();
        return switch (column) {
            case SLOT -> String.valueOf(slot);
            case BLOCK -> list.blockAt(slot).map(Block::name).orElse("");
            case NAME -> channel.name();
            case LISTEN -> channel.receive().toMegahertzText();
            case TALK -> channel.transmit().map(Frequency::toMegahertzText).orElse("never");
            case TALK_TONE -> channel.talkTone().toString();
            case LISTEN_TONE -> channel.listenTone().toString();
            case EMISSION -> channel.emission().name();
            case POWER -> channel.power().word();
            case CODES ->
                channel.flags().stream().map(DirectoryFlag::word).sorted().collect(Collectors.joining(" "));
            case PINNED -> entry.pinned() ? "yes" : "no";
            case LINE -> entry.line();
        };
    }

    /**
     * Reads such a table as lines of notation.
     *
     * @param text what may be one
     * @param plan the plan that will read the lines
     * @return the lines; a row that cannot be read becomes a line that gives no channel and says why. Absent if the headings are
     *     not ours.
     */
    public static Optional<ListingLines> lines(String text, BandPlan plan) {
        Table table;
        try {
            table = CsvTable.parse(text);
        } catch (IllegalArgumentException noTable) {
            return Optional.empty();
        }
        Map<Column, Integer> places = new EnumMap<>(Column.class);
        List<String> twice = new ArrayList<>();
        for (int i = 0; i < table.headings().size(); i++) {
            int place = i;
            Column.of(table.headings().get(i)).ifPresent(column -> {
                if (places.putIfAbsent(column, place) != null) {
                    twice.add(column.heading);
                }
            });
        }
        if (!places.keySet().containsAll(OURS)) {
            return Optional.empty();
        }
        List<String> lines = new ArrayList<>();
        int unread = 0;
        for (Table.Row row : table.rows()) {
            try {
                requireShape(row, table.headings().size(), twice);
                lines.add(LineWriter.write(channel(row, places), plan));
            } catch (IllegalArgumentException wrong) {
                unread++;
                lines.add("\"line " + row.line() + " cannot be read: "
                        + wrong.getMessage().replace("\"", "'") + '"');
            }
        }
        return Optional.of(ListingLines.ofOwn(lines, unread));
    }

    private static void requireShape(Table.Row row, int headings, List<String> twice) {
        if (!twice.isEmpty()) {
            throw new IllegalArgumentException("two columns are headed '" + twice.get(0) + "'; leave one of them out");
        }
        row.otherWidth(headings).ifPresent(wrong -> {
            throw new IllegalArgumentException(wrong);
        });
    }

    private static Channel channel(Table.Row row, Map<Column, Integer> places) {
        Frequency receive = frequency(cell(row, places, Column.LISTEN), Column.LISTEN);
        String talkCell = cell(row, places, Column.TALK);
        Talk talk = talkCell.equalsIgnoreCase("never") ? new Talk.Never() : talk(receive, talkCell);
        return new Channel(
                cell(row, places, Column.NAME),
                receive,
                talk,
                tone(cell(row, places, Column.TALK_TONE), Column.TALK_TONE),
                tone(cell(row, places, Column.LISTEN_TONE), Column.LISTEN_TONE),
                word(cell(row, places, Column.EMISSION), Column.EMISSION, Emission.class),
                word(cell(row, places, Column.POWER), Column.POWER, Power.class),
                flags(cell(row, places, Column.CODES)));
    }

    // An empty cell may be one that somebody forgot: it never means that a channel does not talk.
    private static Talk talk(Frequency receive, String cell) {
        Frequency transmit = frequency(cell, Column.TALK);
        return transmit.equals(receive) ? new Talk.Same() : new Talk.On(transmit);
    }

    private static String cell(Table.Row row, Map<Column, Integer> places, Column column) {
        Integer place = places.get(column);
        return place == null || place >= row.cells().size()
                ? ""
                : row.cells().get(place).strip();
    }

    private static Frequency frequency(String cell, Column column) {
        try {
            return Frequency.parse(cell);
        } catch (IllegalArgumentException wrong) {
            throw new IllegalArgumentException(
                    column.heading + " must be a frequency such as 145.310, was '" + cell + "'", wrong);
        }
    }

    private static Tone tone(String cell, Column column) {
        try {
            if (cell.isEmpty() || cell.equalsIgnoreCase("none")) {
                return NoTone.NONE;
            }
            String tone = cell.replace(',', '.');
            return Character.isDigit(tone.charAt(0))
                    ? CtcssTone.parse(tone)
                    : tone.matches("D[0-7]{3}[NI]") ? DcsCode.parse(tone.substring(1)) : Tone.parse(tone);
        } catch (IllegalArgumentException wrong) {
            throw new IllegalArgumentException(
                    column.heading + " must be none, CTCSS 71.9 or DCS 023 N, was '" + cell + "'", wrong);
        }
    }

    private static <E extends Enum<E>> E word(String cell, Column column, Class<E> kind) {
        return Arrays.stream(kind.getEnumConstants())
                .filter(each -> each.name().equalsIgnoreCase(cell))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(column.heading + " must be "
                        + Arrays.stream(kind.getEnumConstants())
                                .map(each -> each.name().toLowerCase(Locale.ROOT))
                                .collect(Collectors.joining(", "))
                        + ", was '" + cell + "'"));
    }

    private static Set<DirectoryFlag> flags(String cell) {
        Set<DirectoryFlag> flags = new HashSet<>();
        for (String word : cell.split("\\s+", -1)) {
            if (!word.isEmpty()) {
                flags.add(Arrays.stream(DirectoryFlag.values())
                        .filter(each -> each.word().equals(word))
                        .findFirst()
                        .orElseThrow(() -> new IllegalArgumentException(
                                Column.CODES.heading + " must be codes such as E or L, was '" + word + "'")));
            }
        }
        return flags;
    }
}
