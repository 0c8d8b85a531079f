package reckonrod.core.recipe;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CharsetEncoder;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.QuoteMode;
import reckonrod.core.channel.Channel;
import reckonrod.core.list.Block;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListComparison.Part;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.ScanPlan;
import reckonrod.core.radio.NameRule;
import reckonrod.core.radio.ShownNames;

/** Writes lists by a recipe and reads tables by it. What goes out is read again at once, so that what is lost is known before. */
public final class RecipeTable {
    private static final String USUAL_CHARACTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789- ";
    private static final int MOST_ROWS = 100_000;
    private static final byte[] MARK_8 = {(byte) 0xEF, (byte) 0xBB, (byte) 0xBF};
    private static final byte[] MARK_16 = {(byte) 0xFF, (byte) 0xFE};

    private final ExportRecipe recipe;

    public RecipeTable(ExportRecipe recipe) {
        this.recipe = recipe;
    }

    /**
     * A table.
     *
     * @param text what is in the file
     * @param rows its cells, without headings
     * @param leftOut the channels that are not in it, with the reason
     * @param changed the channels that would not come back from it as they are, by the parts that would differ
     */
    public record Written(
            String text, List<List<String>> rows, List<LeftOut> leftOut, Map<Part, List<String>> changed) {
        public Written {
            rows = List.copyOf(rows);
            leftOut = List.copyOf(leftOut);
        }
    }

    /** A channel that has no row, and why. */
    public record LeftOut(int slot, String label, String why) {}

    /** Writes a list. */
    public Written write(ChannelList list) {
        ScanPlan scan = ScanPlan.of(list);
        List<List<String>> rows = new ArrayList<>();
        List<LeftOut> leftOut = new ArrayList<>();
        Map<Part, List<String>> changed = new LinkedHashMap<>();
        Map<UUID, Map<Integer, String>> shown = shown(list);
        list.entries().forEach((slot, entry) -> {
            String label = entry.channel().label();
            try {
                if (rows.size() >= recipe.form().mostRows().orElse(Integer.MAX_VALUE)) {
                    throw new UnwritableException(
                            "the table has its " + recipe.form().mostRows().getAsInt() + " rows already");
                }
                List<String> row =
                        row(listed(list, scan, slot, entry, rows.size() + 1, shown.getOrDefault(entry.id(), Map.of())));
                comesBack(entry.channel(), row, label, changed);
                rows.add(row);
            } catch (UnwritableException none) {
                leftOut.add(new LeftOut(slot, label, none.getMessage()));
            }
        });
        return new Written(text(rows), rows, leftOut, changed);
    }

    /** Names for columns that are too narrow for some: still legible, and apart if they are apart in the list. */
    private Map<UUID, Map<Integer, String>> shown(ChannelList list) {
        Map<UUID, Map<Integer, String>> shown = new HashMap<>();
        List<ListEntry> entries = List.copyOf(list.entries().values());
        CharsetEncoder encoder = recipe.form().encoding().newEncoder();
        String characters = Stream.concat(
                        Stream.of(USUAL_CHARACTERS),
                        entries.stream().map(each -> each.channel().name()))
                .flatMapToInt(String::codePoints)
                .distinct()
                .mapToObj(Character::toString)
                .filter(encoder::canEncode)
                .collect(Collectors.joining());
        recipe.columns().stream()
                .map(ExportRecipe.Column::holding)
                .filter(each -> each instanceof TextHolding)
                .map(TextHolding.class::cast)
                .filter(each -> each.kind() == TextHolding.Kind.NAME && each.most() > 0)
                .mapToInt(TextHolding::most)
                .filter(most -> most < Channel.MOST_NAME_CHARACTERS)
                .distinct()
                .forEach(most -> {
                    List<ShownNames.Shown> names = ShownNames.of(
                            entries.stream()
                                    .map(each ->
                                            new ShownNames.Wanted(each.channel().name(), each.shortName(most)))
                                    .toList(),
                            new NameRule(most, characters)
                                    .abbreviating(list.intent().abbreviations()));
                    for (int i = 0; i < entries.size(); i++) {
                        shown.computeIfAbsent(entries.get(i).id(), any -> new HashMap<>())
                                .put(most, names.get(i).shown());
                    }
                });
        return shown;
    }

    private static ListedChannel listed(
            ChannelList list, ScanPlan scan, int slot, ListEntry entry, int number, Map<Integer, String> shown) {
        return new ListedChannel(
                number,
                slot,
                entry,
                list.blockAt(slot).map(Block::name).orElse(""),
                scan.banksOf(entry.id()).stream()
                        .map(bank -> list.scanning().banks().get(bank - 1).name())
                        .toList(),
                scan.scans(entry),
                shown);
    }

    private List<String> row(ListedChannel channel) {
        CharsetEncoder encoder = recipe.form().encoding().newEncoder();
        List<String> row = new ArrayList<>();
        for (ExportRecipe.Column column : recipe.columns()) {
            String cell = column.holding().write(channel, recipe.form());
            if (!encoder.canEncode(cell)) {
                throw new UnwritableException(
                        "\"" + cell + "\" has characters that " + recipe.form().encoding() + " has not");
            }
            row.add(cell);
        }
        return row;
    }

    private void comesBack(Channel channel, List<String> row, String label, Map<Part, List<String>> changed) {
        Channel again;
        try {
            again = channel(recipe.columns(), row);
        } catch (IllegalArgumentException wrong) {
            throw new UnwritableException("its row could not be read back: " + wrong.getMessage());
        }
        for (Part part : Part.values()) {
            if (!part.of(channel).equals(part.of(again))) {
                // Another frequency is no loss that anyone could live with.
                if (part == Part.LISTEN || part == Part.TALK) {
                    throw new UnwritableException("read back from its row, " + part.words() + " would be "
                            + part.of(again) + " and not " + part.of(channel) + "; the columns have no form for that");
                }
                changed.computeIfAbsent(part, any -> new ArrayList<>()).add(label);
            }
        }
    }

    private String text(List<List<String>> rows) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, format())) {
            if (recipe.form().headings()) {
                printer.printRecord(recipe.headings());
            }
            for (List<String> row : rows) {
                printer.printRecord(row);
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    private CSVFormat format() {
        return CSVFormat.RFC4180
                .builder()
                .setDelimiter(recipe.form().separator())
                .setRecordSeparator(recipe.form().lineEnd())
                .setQuoteMode(recipe.form().allQuoted() ? QuoteMode.ALL : QuoteMode.MINIMAL)
                .get();
    }

    /** The file of a text. */
    public byte[] bytes(String text) {
        byte[] body = text.getBytes(recipe.form().encoding());
        byte[] mark = !recipe.form().mark()
                ? new byte[0]
                : recipe.form().encoding().equals(StandardCharsets.UTF_8) ? MARK_8 : MARK_16;
        byte[] all = new byte[mark.length + body.length];
        System.arraycopy(mark, 0, all, 0, mark.length);
        System.arraycopy(body, 0, all, mark.length, body.length);
        return all;
    }

    /**
     * The text of a file.
     *
     * @throws IllegalArgumentException if its characters are not those of the recipe
     */
    public String text(byte[] file) {
        Charset encoding = recipe.form().encoding();
        try {
            CharBuffer text = encoding.newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(file));
            String read = text.toString();
            return read.startsWith("\uFEFF") ? read.substring(1) : read;
        } catch (CharacterCodingException wrong) {
            throw new IllegalArgumentException(
                    "The file is not in " + encoding
                            + ", as the recipe says; it may be cut off, or of another encoding",
                    wrong);
        }
    }

    /**
     * A row that was read.
     *
     * @param line where it begins, from 1
     * @param channel the channel; absent where it gives none
     * @param fault why; empty where it does
     */
    public record ReadRow(long line, Optional<Channel> channel, String fault) {}

    /**
     * Reads a table.
     *
     * @param text with the headings of the recipe, in any order; columns that it does not name are passed by
     * @throws IllegalArgumentException if it is no such table
     */
    public List<ReadRow> read(String text) {
        List<ReadRow> rows = new ArrayList<>();
        try (CSVParser parser = CSVParser.builder()
                .setReader(new StringReader(text))
                .setFormat(format().builder().setIgnoreEmptyLines(true).get())
                .get()) {
            List<ExportRecipe.Column> columns = recipe.form().headings() ? null : recipe.columns();
            for (CSVRecord record : parser) {
                List<String> cells = record.toList();
                if (columns == null) {
                    columns = byHeadings(cells);
                    continue;
                }
                if (rows.size() == MOST_ROWS) {
                    throw new IllegalArgumentException(
                            "The table has more than " + MOST_ROWS + " rows. Cut it into parts");
                }
                rows.add(readRow(columns, cells, parser.getCurrentLineNumber()));
            }
            if (columns == null) {
                throw new IllegalArgumentException("The file is empty");
            }
        } catch (IOException | UncheckedIOException | IllegalStateException broken) {
            throw new IllegalArgumentException(
                    "A quotation mark that opens is never closed, or stands within a cell: the rows behind it run together",
                    broken);
        }
        return rows;
    }

    /** The columns as they stand in a table; what it has besides holds nothing. */
    private List<ExportRecipe.Column> byHeadings(List<String> cells) {
        Map<String, ExportRecipe.Column> wanted = new LinkedHashMap<>();
        recipe.columns().forEach(each -> wanted.put(key(each.heading()), each));
        cells.stream()
                .filter(cell -> wanted.containsKey(key(cell)))
                .filter(cell -> cells.stream()
                                .filter(each -> key(each).equals(key(cell)))
                                .count()
                        > 1)
                .findFirst()
                .ifPresent(cell -> {
                    throw new IllegalArgumentException("The heading \"" + cell.strip()
                            + "\" stands above two columns of the table; which of them counts cannot be told");
                });
        List<ExportRecipe.Column> columns = cells.stream()
                .map(cell -> Optional.ofNullable(wanted.remove(key(cell)))
                        .orElse(new ExportRecipe.Column(cell, new NothingHolding(""))))
                .toList();
        List<String> missing = wanted.values().stream()
                .filter(each -> !(each.holding() instanceof NothingHolding))
                .map(ExportRecipe.Column::heading)
                .toList();
        if (!missing.isEmpty()) {
            throw new IllegalArgumentException("The table must have the headings of the recipe; missing "
                    + missing.stream().map(each -> '"' + each + '"').collect(Collectors.joining(", ")) + ", found "
                    + cells.stream().limit(12).map(each -> '"' + each + '"').collect(Collectors.joining(", ")));
        }
        return columns;
    }

    private static String key(String heading) {
        return heading.strip().toLowerCase(Locale.ROOT);
    }

    private ReadRow readRow(List<ExportRecipe.Column> columns, List<String> cells, long line) {
        try {
            return new ReadRow(line, Optional.of(channel(columns, cells)), "");
        } catch (IllegalArgumentException wrong) {
            return new ReadRow(line, Optional.empty(), wrong.getMessage());
        }
    }

    private Channel channel(List<ExportRecipe.Column> columns, List<String> cells) {
        // An empty cell at the end is only a separator too many; any other means that the row was parted elsewhere.
        if (cells.size() < columns.size() || cells.stream().skip(columns.size()).anyMatch(each -> !each.isBlank())) {
            throw new IllegalArgumentException(
                    "the row has " + cells.size() + " cells, and the table has " + columns.size() + " columns");
        }
        ChannelDraft draft = new ChannelDraft();
        for (int i = 0; i < columns.size(); i++) {
            try {
                columns.get(i).holding().read(cells.get(i).strip(), draft, recipe.form());
            } catch (IllegalArgumentException wrong) {
                throw new IllegalArgumentException(columns.get(i).heading() + " " + wrong.getMessage(), wrong);
            }
        }
        return draft.channel();
    }
}
