package reckonrod.sim.device;

import java.util.Arrays;
import java.util.Optional;
import reckonrod.core.link.Framing;

/** Gathers bytes into frames as a radio does: what makes no sense is dropped until the line is silent. */
public final class Received {
    private static final byte[] NOTHING = {};

    private final Framing framing;
    private byte[] bytes = NOTHING;
    private boolean lost;

    /** Nothing has come. */
    public Received(Framing framing) {
        this.framing = framing;
    }

    /** The line was silent. */
    public void silence() {
        bytes = NOTHING;
        lost = false;
    }

    /** How many bytes of a frame have come. */
    public int size() {
        return bytes.length;
    }

    /** One of them. */
    public byte at(int index) {
        return bytes[index];
    }

    /** One byte more; the frame without its check once it is whole. */
    public Optional<byte[]> take(byte next) {
        if (lost) {
            return Optional.empty();
        }
        bytes = Arrays.copyOf(bytes, bytes.length + 1);
        bytes[bytes.length - 1] = next;
        Framing.Cut cut = framing.cut(bytes);
        if (cut instanceof Framing.Whole whole) {
            bytes = NOTHING;
            return Optional.of(whole.frame());
        }
        if (cut instanceof Framing.Nonsense) {
            bytes = NOTHING;
            lost = true;
        }
        return Optional.empty();
    }
}
