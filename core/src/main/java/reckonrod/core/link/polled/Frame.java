package reckonrod.core.link.polled;

import java.util.Arrays;
import java.util.Optional;
import reckonrod.core.link.Framing;

/** The frames of the polled-block protocol, for both ends of the line. */
public final class Frame {
    /** The host asks who is there. */
    public static final byte ENQUIRE = 'E';
    /** The radio says who it is. */
    public static final byte IDENT = 'I';
    /** The host asks for a block. */
    public static final byte READ = 'R';
    /** The radio sends a block. */
    public static final byte DATA = 'D';
    /** The host sends a block. */
    public static final byte WRITE = 'W';
    /** The radio has taken the block. */
    public static final byte ACCEPT = 'A';
    /** The radio does not take the block. */
    public static final byte REFUSE = 'N';
    /** The host is done. */
    public static final byte LEAVE = 'X';

    /** The host asks for the sum of the whole memory. */
    public static final byte SUM = 'S';
    /** The radio says the sum. */
    public static final byte TOTAL = 'T';
    /** The host asks which blocks were changed. */
    public static final byte CHANGED = 'C';
    /** The radio says which, a bit a block, the first in the lowest bit of the first byte. */
    public static final byte MAP = 'M';
    /** The host has the radio mark what is changed from now on. */
    public static final byte REMEMBER = 'K';

    private static final int SEED = 0x5A;

    private Frame() {}

    /** A frame of a letter and its content, with the check byte behind. */
    public static byte[] of(byte letter, byte... content) {
        byte[] frame = new byte[content.length + 2];
        frame[0] = letter;
        System.arraycopy(content, 0, frame, 1, content.length);
        frame[frame.length - 1] = sum(frame, frame.length - 1);
        return frame;
    }

    /** A frame that speaks of the block at an address. */
    public static byte[] at(byte letter, int address, byte... data) {
        byte[] content = new byte[data.length + 2];
        content[0] = (byte) (address >>> 8);
        content[1] = (byte) address;
        System.arraycopy(data, 0, content, 2, data.length);
        return of(letter, content);
    }

    /**
     * The length of the frame that begins with these bytes, the check byte included.
     *
     * @param bytes what has come so far, not empty
     * @param blockBytes the data bytes of a block
     * @param blocks how many blocks the memory has
     * @return the length; −1 when no frame begins so; 0 when more bytes are needed to tell
     */
    public static int lengthOf(byte[] bytes, int blockBytes, int blocks) {
        return switch (bytes[0]) {
            case ENQUIRE, LEAVE, SUM, CHANGED, REMEMBER -> 2;
            case READ, ACCEPT, REFUSE -> 4;
            case TOTAL -> 6;
            case MAP -> 2 + (blocks + 7) / 8;
            case DATA, WRITE -> 4 + blockBytes;
            case IDENT -> bytes.length < 2 ? 0 : 3 + (bytes[1] & 0xFF);
            default -> -1;
        };
    }

    /** How frames of that size lie in what comes. */
    public static Framing framing(int blockBytes, int blocks) {
        return bytes -> {
            int length = lengthOf(bytes, blockBytes, blocks);
            if (length < 0) {
                return new Framing.Nonsense();
            }
            if (length == 0 || length > bytes.length) {
                return new Framing.More();
            }
            return checked(Arrays.copyOf(bytes, length))
                    .<Framing.Cut>map(frame -> new Framing.Whole(length, frame))
                    .orElseGet(Framing.Nonsense::new);
        };
    }

    /** The frame's bytes without the check byte, if it is right. */
    public static Optional<byte[]> checked(byte[] frame) {
        int end = frame.length - 1;
        return sum(frame, end) == frame[end] ? Optional.of(Arrays.copyOf(frame, end)) : Optional.empty();
    }

    private static byte sum(byte[] frame, int end) {
        int sum = SEED;
        for (int i = 0; i < end; i++) {
            sum += frame[i];
        }
        return (byte) sum;
    }
}
