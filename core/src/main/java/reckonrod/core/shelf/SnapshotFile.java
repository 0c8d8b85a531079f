package reckonrod.core.shelf;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.Base64;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Map;
import reckonrod.core.image.MemoryImage;

/**
 * A snapshot as a file: lines of a key, a colon and a value, an empty line, and the memory in Base64 (RFC 4648). Its sum is
 * the SHA-256 of all the lines but its own and of the memory, so that neither can be changed unnoticed.
 *
 * @param model the id of the radio's definition
 * @param unit what its owner called the radio
 * @param takenAt when it was read
 * @param reason why it was kept
 * @param note what somebody noted of it; empty for nothing
 * @param image the memory
 */
public record SnapshotFile(String model, String unit, Instant takenAt, String reason, String note, MemoryImage image) {
    /** Its first line. */
    public static final String FIRST = "reckonrod snapshot: 1";

    private static final int LINE = 76;

    /** Line ends would be read as other lines. */
    public SnapshotFile {
        unit = oneLine(unit);
        reason = oneLine(reason);
        note = oneLine(note);
    }

    private static String oneLine(String text) {
        return text.replaceAll("\\s+", " ").strip();
    }

    /** The text of the file. */
    public String text() {
        String head = head();
        return FIRST + "\n" + head + "sum: " + sum(head, image) + "\n\n"
                + Base64.getMimeEncoder(LINE, new byte[] {'\n'}).encodeToString(image.toBytes()) + "\n";
    }

    private String head() {
        return "model: " + model + "\nunit: " + unit + "\ntaken: " + takenAt + "\nreason: " + reason + "\nnote: " + note
                + "\nbytes: " + image.size() + "\n";
    }

    private static String sum(String head, MemoryImage image) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            digest.update(head.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest.digest(image.toBytes()));
        } catch (NoSuchAlgorithmException missing) {
            throw new IllegalStateException("Every Java has SHA-256", missing);
        }
    }

    /**
     * Reads a file.
     *
     * @throws IllegalArgumentException if it is no snapshot, a part is missing, or its sum is another; says which
     */
    public static SnapshotFile read(String text) {
        String plain = text.replace("\r\n", "\n").replace("\uFEFF", "");
        if (!plain.startsWith(FIRST + "\n")) {
            throw new IllegalArgumentException("This is no snapshot of a radio: its first line must be \"" + FIRST
                    + "\", was \"" + plain.lines().findFirst().orElse("") + "\"");
        }
        int empty = plain.indexOf("\n\n");
        if (empty < 0) {
            throw new IllegalArgumentException("This snapshot ends before its memory begins; it was cut off");
        }
        Map<String, String> head = new LinkedHashMap<>();
        plain.substring(FIRST.length() + 1, empty).lines().forEach(line -> {
            int colon = line.indexOf(':');
            head.put(
                    line.substring(0, Math.max(0, colon)),
                    line.substring(colon + 1).strip());
        });
        SnapshotFile file = new SnapshotFile(
                value(head, "model"),
                value(head, "unit"),
                moment(value(head, "taken")),
                head.getOrDefault("reason", ""),
                head.getOrDefault("note", ""),
                memory(plain.substring(empty + 2)));
        if (!sum(file.head(), file.image).equals(value(head, "sum"))) {
            throw new IllegalArgumentException(
                    "This snapshot was damaged or changed since it was made: what it holds is not what its sum says");
        }
        return file;
    }

    private static String value(Map<String, String> head, String key) {
        String value = head.getOrDefault(key, "");
        if (value.isEmpty()) {
            throw new IllegalArgumentException("This snapshot has no line \"" + key + ":\"");
        }
        return value;
    }

    private static Instant moment(String text) {
        try {
            return Instant.parse(text);
        } catch (DateTimeException wrong) {
            throw new IllegalArgumentException(
                    "\"taken: " + text + "\" is no moment such as 2026-05-03T10:22:00Z", wrong);
        }
    }

    private static MemoryImage memory(String base64) {
        try {
            return MemoryImage.of(Base64.getMimeDecoder().decode(base64));
        } catch (IllegalArgumentException wrong) {
            throw new IllegalArgumentException("The memory in this snapshot is cut off or damaged", wrong);
        }
    }
}
