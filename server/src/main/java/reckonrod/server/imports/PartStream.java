package reckonrod.server.imports;

import java.io.InputStream;
import java.util.UUID;

/** The bytes of a brought listing, part by part. */
final class PartStream extends InputStream {
    private final ImportContent content;
    private final UUID id;
    private byte[] part = {};
    private int number;
    private int at;

    PartStream(ImportContent content, UUID id) {
        this.content = content;
        this.id = id;
    }

    private boolean more() {
        if (at == part.length) {
            part = content.part(id, number++);
            at = 0;
        }
        return part.length > 0;
    }

    @Override
    public int read() {
        return more() ? part[at++] & 0xFF : -1;
    }

    @Override
    public int read(byte[] into, int offset, int length) {
        if (length == 0) {
            return 0;
        }
        if (!more()) {
            return -1;
        }
        int count = Math.min(length, part.length - at);
        System.arraycopy(part, at, into, offset, count);
        at += count;
        return count;
    }
}
