package reckonrod.core.listing;

import java.io.IOException;
import java.io.InputStream;
import java.io.Reader;
import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.Charset;
import java.nio.charset.CharsetDecoder;
import java.nio.charset.CoderResult;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

/** Decodes bytes as they are asked for; a byte that does not belong is told with its line, and never replaced. */
final class StrictReader extends Reader {
    private static final int BYTES = 1 << 16;
    private static final char MARK = '\uFEFF';

    private final InputStream in;
    private final Charset charset;
    private final CharsetDecoder decoder;
    private final ByteBuffer bytes = ByteBuffer.allocate(BYTES).flip();
    private final CharBuffer chars = CharBuffer.allocate(BYTES).flip();
    private long bytesBefore;
    private int line = 1;
    private boolean ended;

    StrictReader(InputStream in, Charset charset) {
        this.in = in;
        this.charset = charset;
        this.decoder = charset.newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT);
    }

    @Override
    public int read(char[] into, int offset, int length) throws IOException {
        int count = 0;
        while (count == 0) {
            while (!chars.hasRemaining()) {
                if (ended) {
                    return -1;
                }
                decodeSome();
            }
            while (count < length && chars.hasRemaining()) {
                char next = chars.get();
                line += next == '\n' ? 1 : 0;
                // Files that were put together from several have the mark in the middle too.
                if (next != MARK) {
                    into[offset + count++] = next;
                }
            }
        }
        return count;
    }

    private void decodeSome() throws IOException {
        bytes.compact();
        int first = bytes.position();
        int read = in.read(bytes.array(), first, bytes.remaining());
        boolean last = read < 0;
        if (!last) {
            requireText(first, read);
            bytes.position(first + read);
            bytesBefore += read;
        }
        bytes.flip();
        chars.clear();
        CoderResult result = decoder.decode(bytes, chars, last);
        if (!result.isError() && last && result.isUnderflow()) {
            result = decoder.flush(chars);
            ended = true;
        }
        chars.flip();
        if (result.isError()) {
            for (int i = 0; i < chars.limit(); i++) {
                line += chars.get(i) == '\n' ? 1 : 0;
            }
            throw new IllegalArgumentException("The file is not " + charset.displayName(Locale.ROOT) + ": line " + line
                    + " has a byte that does not belong there. Choose its encoding, or save it as CSV in UTF-8");
        }
    }

    private void requireText(int first, int count) {
        if (charset.equals(StandardCharsets.UTF_16)) {
            return;
        }
        for (int i = 0; i < count; i++) {
            if (bytes.array()[first + i] == 0) {
                throw new IllegalArgumentException("This is no text: byte " + (bytesBefore + i)
                        + " is zero. Bring a CSV file in UTF-8, or in UTF-16 with its byte order mark");
            }
        }
    }

    @Override
    public void close() throws IOException {
        in.close();
    }
}
