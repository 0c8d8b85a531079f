package reckonrod.core.link.records;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A part of the memory as it goes in one record: some bytes, or one byte many times.
 *
 * @param at where it begins
 * @param bytes what is there
 */
@SuppressWarnings("ArrayRecordComponent")
public record Piece(int at, byte[] bytes) {
    private static final int WORTH_A_FILL = 6;
    private static final int LONGEST_FILL = 0xFFFF;

    /** Cuts a part of a memory into as short records as can be, in order. */
    public static List<Piece> of(byte[] memory, int from, int to, int longest) {
        List<Piece> pieces = new ArrayList<>();
        int begun = from;
        int at = from;
        while (at < to) {
            int run = run(memory, at, Math.min(to, at + LONGEST_FILL));
            if (run >= WORTH_A_FILL) {
                if (begun < at) {
                    pieces.add(new Piece(begun, Arrays.copyOfRange(memory, begun, at)));
                }
                pieces.add(new Piece(at, Arrays.copyOfRange(memory, at, at + run)));
                at += run;
                begun = at;
            } else {
                at++;
                if (at - begun == longest) {
                    pieces.add(new Piece(begun, Arrays.copyOfRange(memory, begun, at)));
                    begun = at;
                }
            }
        }
        if (begun < to) {
            pieces.add(new Piece(begun, Arrays.copyOfRange(memory, begun, to)));
        }
        return pieces;
    }

    private static int run(byte[] memory, int at, int to) {
        int end = at + 1;
        while (end < to && memory[end] == memory[at]) {
            end++;
        }
        return end - at;
    }

    /** The record of it. */
    public byte[] record() {
        return bytes.length >= WORTH_A_FILL && run(bytes, 0, bytes.length) == bytes.length
                ? RecordFrame.at(RecordFrame.FILL, at, (byte) (bytes.length >>> 8), (byte) bytes.length, bytes[0])
                : RecordFrame.at(RecordFrame.BYTES, at, bytes);
    }

    /** Reads a record whose check is off, which is of bytes or of a fill. */
    public static Piece read(byte[] record) {
        int at = RecordFrame.number(record, RecordFrame.CONTENT);
        if (record[1] == RecordFrame.BYTES) {
            return new Piece(at, Arrays.copyOfRange(record, RecordFrame.CONTENT + 2, record.length));
        }
        byte[] same = new byte[RecordFrame.number(record, RecordFrame.CONTENT + 2)];
        Arrays.fill(same, record[RecordFrame.CONTENT + 4]);
        return new Piece(at, same);
    }

    /** Whether a record whose check is off is one of bytes or of a fill, and as long as those are. */
    public static boolean is(byte[] record) {
        int content = record.length - RecordFrame.CONTENT;
        return record[1] == RecordFrame.BYTES && content > 2 || record[1] == RecordFrame.FILL && content == 5;
    }
}
