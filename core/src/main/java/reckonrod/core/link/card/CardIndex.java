package reckonrod.core.link.card;

import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import reckonrod.core.definition.LinkDefinition.MemoryCard;

/**
 * The text beside a memory on a card. Lines of a key, a colon and a value; unknown keys are passed over.
 *
 * @param radio who the memory is of, with its firmware
 * @param by whether the radio wrote it, or a program that wants the radio to take it in
 * @param written when, by the clock of the writer
 * @param file the file of the memory, beside this text
 * @param bytes its size
 * @param sum its CRC-32
 */
public record CardIndex(String radio, By by, LocalDateTime written, String file, int bytes, int sum) {
    /** The name of the text. */
    public static final String NAME = MemoryCard.TEXT;

    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("uuuu-MM-dd HH:mm", Locale.ROOT);

    /** Who wrote a card. */
    public enum By {
        RADIO,
        PROGRAM
    }

    /** The text. */
    public byte[] text() {
        return ("radio: " + radio + "\r\n"
                        + "written by: " + by.name().toLowerCase(Locale.ROOT) + "\r\n"
                        + "written: " + MOMENT.format(written) + "\r\n"
                        + "file: " + file + "\r\n"
                        + "bytes: " + bytes + "\r\n"
                        + "sum: " + String.format(Locale.ROOT, "%08X", sum) + "\r\n")
                .getBytes(StandardCharsets.US_ASCII);
    }

    /**
     * Reads the text.
     *
     * @throws IllegalArgumentException if something is missing or wrong; says what
     */
    public static CardIndex read(byte[] text) {
        Map<String, String> lines = new LinkedHashMap<>();
        new String(text, StandardCharsets.ISO_8859_1).lines().forEach(line -> {
            int colon = line.indexOf(':');
            if (colon > 0) {
                lines.put(
                        line.substring(0, colon).strip().toLowerCase(Locale.ROOT),
                        line.substring(colon + 1).strip());
            }
        });
        return new CardIndex(
                value(lines, "radio", each -> each),
                value(lines, "written by", each -> By.valueOf(each.toUpperCase(Locale.ROOT))),
                value(lines, "written", each -> LocalDateTime.parse(each, MOMENT)),
                value(lines, "file", CardIndex::plainName),
                value(lines, "bytes", Integer::parseInt),
                value(lines, "sum", each -> Integer.parseUnsignedInt(each, 16)));
    }

    /** A name beside this text; a path would lead elsewhere. */
    private static String plainName(String name) {
        if (!MemoryCard.isPlainFile(name)) {
            throw new IllegalArgumentException(name);
        }
        return name;
    }

    private static <T> T value(Map<String, String> lines, String key, Function<String, T> parse) {
        String text = Optional.ofNullable(lines.get(key))
                .filter(each -> !each.isEmpty())
                .orElseThrow(() -> new IllegalArgumentException("has no line \"" + key + ":\""));
        try {
            return parse.apply(text);
        } catch (IllegalArgumentException | DateTimeException wrong) {
            throw new IllegalArgumentException("says \"" + key + ": " + text + "\", which makes no sense", wrong);
        }
    }
}
