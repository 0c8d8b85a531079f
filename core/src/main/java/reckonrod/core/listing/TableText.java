package reckonrod.core.listing;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CharsetDecoder;
import java.nio.charset.CodingErrorAction;
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
        if (bytes.length == 0) {
            throw new IllegalArgumentException("The file is empty; it must have a line of headings and rows below it");
        }
        if (starts(bytes, 'P', 'K')) {
            throw new IllegalArgumentException(
                    "This is a packed file, such as a spreadsheet; save it as CSV (UTF-8) and bring that");
        }
        if (starts(bytes, '%', 'P', 'D', 'F')) {
            throw new IllegalArgumentException("This is a PDF; copy its lines and paste them, or find it as CSV");
        }
        if (starts(bytes, 0xFF, 0xFE) || starts(bytes, 0xFE, 0xFF)) {
            return strict(bytes, StandardCharsets.UTF_16);
        }
        for (int i = 0; i < bytes.length; i++) {
            if (bytes[i] == 0) {
                throw new IllegalArgumentException("This is no text: byte " + i
                        + " is zero. Bring a CSV file in UTF-8, or in UTF-16 with its byte order mark");
            }
        }
        return strict(bytes, encoding.orElse(StandardCharsets.UTF_8)).replace("\uFEFF", "");
    }

    private static boolean starts(byte[] bytes, int... signs) {
        for (int i = 0; i < signs.length; i++) {
            if (i >= bytes.length || (bytes[i] & 0xFF) != signs[i]) {
                return false;
            }
        }
        return true;
    }

    private static String strict(byte[] bytes, Charset charset) {
        CharsetDecoder decoder = charset.newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT);
        ByteBuffer buffer = ByteBuffer.wrap(bytes);
        try {
            return decoder.decode(buffer).toString();
        } catch (CharacterCodingException notThat) {
            int line = 1;
            for (int i = 0; i < buffer.position(); i++) {
                line += bytes[i] == '\n' ? 1 : 0;
            }
            throw new IllegalArgumentException(
                    "The file is not " + charset.displayName(java.util.Locale.ROOT) + ": line " + line
                            + " has a byte that does not belong there. Choose its encoding, or save it as CSV in UTF-8",
                    notThat);
        }
    }
}
