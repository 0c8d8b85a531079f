package reckonrod.server.backup;

import java.io.Closeable;
import java.io.IOException;
import java.io.Reader;

/** Reads lines that may not be longer than a limit; a longer one is refused before it is in memory. */
final class LineReader implements Closeable {
    private final Reader text;
    private final int longest;
    private final char[] held = new char[1 << 16];
    private int at;
    private int end;

    LineReader(Reader text, int longest) {
        this.text = text;
        this.longest = longest;
    }

    /** A line is longer than the limit. */
    static final class TooLong extends IOException {}

    /**
     * The next line without its end.
     *
     * @return null after the last one
     * @throws TooLong if it is longer than the limit
     */
    String next() throws IOException {
        StringBuilder line = null;
        while (more()) {
            line = line == null ? new StringBuilder() : line;
            int from = at;
            while (at < end && held[at] != '\n') {
                at++;
            }
            if (line.length() + (at - from) > longest) {
                throw new TooLong();
            }
            line.append(held, from, at - from);
            if (at < end) {
                at++;
                return line.toString();
            }
        }
        return line == null ? null : line.toString();
    }

    private boolean more() throws IOException {
        if (at == end) {
            at = 0;
            end = Math.max(0, text.read(held));
        }
        return end > 0;
    }

    @Override
    public void close() throws IOException {
        text.close();
    }
}
