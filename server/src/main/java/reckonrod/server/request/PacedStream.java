package reckonrod.server.request;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;

/** A body that may not be too large, nor come too slowly. */
final class PacedStream extends FilterInputStream {
    private final BodyKind kind;
    private final BodyPace pace = new BodyPace();
    private long bytes;

    /** More came than may. */
    static final class TooLarge extends IOException {}

    /** It trickles in. */
    static final class TooSlow extends IOException {}

    PacedStream(InputStream in, BodyKind kind) {
        super(in);
        this.kind = kind;
    }

    @Override
    public int read() throws IOException {
        byte[] one = new byte[1];
        return read(one, 0, 1) < 0 ? -1 : one[0] & 0xFF;
    }

    @Override
    public int read(byte[] into, int offset, int length) throws IOException {
        int count;
        try {
            count = super.read(into, offset, length);
        } catch (java.net.SocketTimeoutException silence) {
            throw (IOException) new TooSlow().initCause(silence);
        }
        bytes += Math.max(count, 0);
        if (bytes > kind.mostBytes()) {
            throw new TooLarge();
        }
        if (pace.isTooSlow(bytes)) {
            throw new TooSlow();
        }
        return count;
    }
}
