package reckonrod.core.link;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;

/** A port that answers from a script, one piece for each read, and notes what it was sent. */
public final class ScriptedPort implements Port {
    public static final byte[] SILENCE = {};

    private final Deque<byte[]> pieces = new ArrayDeque<>();
    private final List<byte[]> sent = new ArrayList<>();
    private boolean broken;

    public ScriptedPort then(byte[]... next) {
        pieces.addAll(Arrays.asList(next));
        return this;
    }

    public List<byte[]> sent() {
        return sent;
    }

    @Override
    public void write(byte[] bytes) throws IOException {
        if (broken) {
            throw new IOException("gone");
        }
        sent.add(bytes.clone());
    }

    @Override
    public int read(byte[] into, int withinMillis) throws IOException {
        byte[] piece = pieces.isEmpty() ? SILENCE : pieces.poll();
        System.arraycopy(piece, 0, into, 0, piece.length);
        return piece.length;
    }

    @Override
    public void close() {
        broken = true;
    }
}
