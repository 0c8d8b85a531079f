package reckonrod.core.listing;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.PushbackInputStream;
import java.io.Reader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Optional;

/** Turns the bytes of a file into text, or says why they are none. */
public final class TableText {
    private TableText() {}

    /**
     * The text of a file: UTF-8, UTF-16 with its mark, or the encoding that the person names.
     *
     * @param encoding the encoding it is said to have; absent to find out
     * @throws IllegalArgumentException if it is empty, no text, or not of that encoding; the message says what to do
     */
    public static String decode(byte[] bytes, Optional<Charset> encoding) {
        StringWriter text = new StringWriter();
        try (Reader reader = reader(new ByteArrayInputStream(bytes), encoding)) {
            reader.transferTo(text);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    /**
     * The text of a file, read as it is asked for, so that a large one is never in memory as a whole.
     *
     * @return a reader that throws {@link IllegalArgumentException} where the bytes are no text, as {@link #decode} does
     * @throws IllegalArgumentException if it is empty or of a kind that is no text
     */
    public static Reader reader(InputStream bytes, Optional<Charset> encoding) throws IOException {
        PushbackInputStream in = new PushbackInputStream(bytes, 4);
        byte[] head = in.readNBytes(4);
        in.unread(head);
        if (head.length == 0) {
            throw new IllegalArgumentException("The file is empty; it must have a line of headings and rows below it");
        }
        if (starts(head, 'P', 'K')) {
            throw new IllegalArgumentException(
                    "This is a packed file, such as a spreadsheet; save it as CSV (UTF-8) and bring that");
        }
        if (starts(head, '%', 'P', 'D', 'F')) {
            throw new IllegalArgumentException("This is a PDF; copy its lines and paste them, or find it as CSV");
        }
        if (starts(head, 0xFF, 0xFE) || starts(head, 0xFE, 0xFF)) {
            return new StrictReader(in, StandardCharsets.UTF_16);
        }
        return new StrictReader(in, encoding.orElse(StandardCharsets.UTF_8));
    }

    private static boolean starts(byte[] bytes, int... signs) {
        for (int i = 0; i < signs.length; i++) {
            if (i >= bytes.length || (bytes[i] & 0xFF) != signs[i]) {
                return false;
            }
        }
        return true;
    }
}
