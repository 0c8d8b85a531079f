package reckonrod.core.link.records;

import java.util.Arrays;
import reckonrod.core.link.Framing;

/** The records of the variable-record protocol, for both ends of the line. */
public final class RecordFrame {
    /** The host asks who is there. */
    public static final byte WHO = '?';
    /** The radio says who it is. */
    public static final byte IAM = '!';
    /** The host asks for a part of the memory. */
    public static final byte DUMP = 'D';
    /** Some bytes of the memory. */
    public static final byte BYTES = 'b';
    /** The same byte many times. */
    public static final byte FILL = 'f';
    /** The part is through: its sum. */
    public static final byte END = 'e';
    /** The host begins to give; what was given before and not kept is forgotten. */
    public static final byte BEGIN = 'G';
    /** The radio has taken what was given. */
    public static final byte TAKEN = 'k';
    /** The host has the radio keep what was given, if the sum of the whole is this. */
    public static final byte KEEP = 'K';
    /** The radio has kept it: the sum of what it holds. */
    public static final byte KEPT = 'o';
    /** The host asks for the sum of the whole. */
    public static final byte SUM = 'S';
    /** The radio says it. */
    public static final byte TOTAL = 's';
    /** The host is done. */
    public static final byte LEAVE = 'X';
    /** The radio does not do it. */
    public static final byte NO = 'n';

    /** Length, kind and check. */
    public static final int BYTES_AROUND = 3;

    /** Where the content begins in a record whose check is off. */
    public static final int CONTENT = 2;

    private static final int LONGEST = 140;
    private static final int SEED = 0xA5;

    private RecordFrame() {}

    /** A record: the length of its content, its kind, the content, and the low eight bits of 0xA5 plus all before. */
    public static byte[] of(byte kind, byte... content) {
        byte[] record = new byte[content.length + BYTES_AROUND];
        record[0] = (byte) content.length;
        record[1] = kind;
        System.arraycopy(content, 0, record, CONTENT, content.length);
        record[record.length - 1] = sum(record, record.length - 1);
        return record;
    }

    /** A record about a place in the memory. */
    public static byte[] at(byte kind, int place, byte... more) {
        byte[] content = new byte[2 + more.length];
        content[0] = (byte) (place >>> 8);
        content[1] = (byte) place;
        System.arraycopy(more, 0, content, 2, more.length);
        return of(kind, content);
    }

    /** The content of a record whose check is off. */
    public static byte[] content(byte[] record) {
        return Arrays.copyOfRange(record, CONTENT, record.length);
    }

    /** Two bytes of a record whose check is off, as a number. */
    public static int number(byte[] record, int at) {
        return (record[at] & 0xFF) << 8 | record[at + 1] & 0xFF;
    }

    /** How records lie in what comes. */
    public static Framing.Cut cut(byte[] bytes) {
        int length = (bytes[0] & 0xFF) + BYTES_AROUND;
        if (length > LONGEST) {
            return new Framing.Nonsense();
        }
        if (length > bytes.length) {
            return new Framing.More();
        }
        return sum(bytes, length - 1) == bytes[length - 1]
                ? new Framing.Whole(length, Arrays.copyOf(bytes, length - 1))
                : new Framing.Nonsense();
    }

    private static byte sum(byte[] record, int end) {
        int sum = SEED;
        for (int i = 0; i < end; i++) {
            sum += record[i];
        }
        return (byte) sum;
    }
}
