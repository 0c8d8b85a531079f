package reckonrod.core.link.clone;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import reckonrod.core.link.Framing;

/** The frames of the streamed-clone protocol, for both ends of the line. */
public final class CloneFrame {
    /** The radio begins to send: who it is. */
    public static final byte SENDS = 'H';
    /** The radio is ready to take: who it is, and the sum of what it holds. */
    public static final byte TAKES = 'G';
    /** A block of the memory, with its number. */
    public static final byte BLOCK = 'B';
    /** All blocks are through: the sum of the whole. */
    public static final byte END = 'Z';
    /** The radio has taken a block. */
    public static final byte TAKEN = 'A';
    /** The radio holds all: the sum of what it holds. */
    public static final byte HOLDS = 'Q';

    /** Letter, number and two bytes of check. */
    public static final int BYTES_AROUND_BLOCK = 5;

    /** Letter, number and two bytes of check. */
    public static final int BYTES_OF_TAKEN = 5;

    private static final int SEED = 0x5AA5;
    private static final int SUM_BYTES = 4;

    private CloneFrame() {}

    /** A frame with its check behind: the low sixteen bits of 0x5AA5 plus all bytes before it. */
    public static byte[] of(byte letter, byte... content) {
        byte[] frame = new byte[content.length + 3];
        frame[0] = letter;
        System.arraycopy(content, 0, frame, 1, content.length);
        int sum = sum(frame, frame.length - 2);
        frame[frame.length - 2] = (byte) (sum >>> 8);
        frame[frame.length - 1] = (byte) sum;
        return frame;
    }

    /** A frame with a number and bytes behind it. */
    public static byte[] numbered(byte letter, int number, byte... data) {
        byte[] content = new byte[data.length + 2];
        content[0] = (byte) (number >>> 8);
        content[1] = (byte) number;
        System.arraycopy(data, 0, content, 2, data.length);
        return of(letter, content);
    }

    /** A frame that says who the radio is, and the sum of what it holds where that is said. */
    public static byte[] who(byte letter, String ident, byte... sum) {
        byte[] text = ident.getBytes(StandardCharsets.US_ASCII);
        byte[] content = new byte[1 + text.length + sum.length];
        content[0] = (byte) text.length;
        System.arraycopy(text, 0, content, 1, text.length);
        System.arraycopy(sum, 0, content, 1 + text.length, sum.length);
        return of(letter, content);
    }

    /** The words of such a frame without its check. */
    public static String ident(byte[] frame) {
        return new String(frame, 2, frame[1] & 0xFF, StandardCharsets.US_ASCII);
    }

    /** The number of a frame. */
    public static int number(byte[] frame) {
        return (frame[1] & 0xFF) << 8 | frame[2] & 0xFF;
    }

    /** How frames lie in what comes, with blocks of that size. */
    public static Framing framing(int blockBytes) {
        return bytes -> {
            int length = lengthOf(bytes, blockBytes);
            if (length < 0) {
                return new Framing.Nonsense();
            }
            if (length == 0 || length > bytes.length) {
                return new Framing.More();
            }
            int sum = sum(bytes, length - 2);
            return (byte) (sum >>> 8) == bytes[length - 2] && (byte) sum == bytes[length - 1]
                    ? new Framing.Whole(length, Arrays.copyOf(bytes, length - 2))
                    : new Framing.Nonsense();
        };
    }

    private static int lengthOf(byte[] bytes, int blockBytes) {
        return switch (bytes[0]) {
            case SENDS -> bytes.length < 2 ? 0 : 4 + (bytes[1] & 0xFF);
            case TAKES -> bytes.length < 2 ? 0 : 4 + SUM_BYTES + (bytes[1] & 0xFF);
            case BLOCK -> BYTES_AROUND_BLOCK + blockBytes;
            case END, HOLDS -> 3 + SUM_BYTES;
            case TAKEN -> BYTES_OF_TAKEN;
            default -> -1;
        };
    }

    private static int sum(byte[] frame, int end) {
        int sum = SEED;
        for (int i = 0; i < end; i++) {
            sum += frame[i] & 0xFF;
        }
        return sum & 0xFFFF;
    }
}
