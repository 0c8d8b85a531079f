package reckonrod.server.paper;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;

/** A font as browsers get it (W3C WOFF File Format 1.0), unpacked to the one inside. */
final class Woff {
    private static final int SIGNATURE = 0x774F4646;
    private static final int HEADER = 44;
    private static final int SFNT_HEADER = 12;
    private static final int ENTRY = 16;

    private Woff() {}

    /** One table; its bytes are padded to whole words in the font. */
    private record Table(int tag, int checksum, ByteBuffer bytes) {}

    /**
     * The font inside.
     *
     * @throws IOException if it is none, or is damaged
     */
    static byte[] unpack(byte[] woff) throws IOException {
        ByteBuffer in = ByteBuffer.wrap(woff);
        if (woff.length < HEADER || in.getInt() != SIGNATURE) {
            throw new IOException("A font must be a WOFF file");
        }
        int flavour = in.getInt();
        in.position(SFNT_HEADER);
        int count = in.getShort();
        in.position(HEADER);
        List<Table> tables = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            int tag = in.getInt();
            int offset = in.getInt();
            int packed = in.getInt();
            int length = in.getInt();
            tables.add(new Table(tag, in.getInt(), ByteBuffer.wrap(table(woff, offset, packed, length))));
        }
        return font(flavour, tables);
    }

    private static byte[] table(byte[] woff, int offset, int packed, int length) throws IOException {
        byte[] bytes = new byte[length];
        if (packed == length) {
            System.arraycopy(woff, offset, bytes, 0, length);
            return bytes;
        }
        Inflater inflater = new Inflater();
        try {
            inflater.setInput(woff, offset, packed);
            if (inflater.inflate(bytes) != length) {
                throw new IOException("A table of a font is shorter than it says");
            }
        } catch (DataFormatException damaged) {
            throw new IOException("A table of a font cannot be unpacked", damaged);
        } finally {
            inflater.end();
        }
        return bytes;
    }

    private static byte[] font(int flavour, List<Table> tables) {
        int at = SFNT_HEADER + ENTRY * tables.size();
        int whole = at
                + tables.stream()
                        .mapToInt(each -> padded(each.bytes().capacity()))
                        .sum();
        ByteBuffer out = ByteBuffer.allocate(whole);
        int largest = Integer.highestOneBit(tables.size());
        out.putInt(flavour)
                .putShort((short) tables.size())
                .putShort((short) (largest * ENTRY))
                .putShort((short) Integer.numberOfTrailingZeros(largest))
                .putShort((short) ((tables.size() - largest) * ENTRY));
        for (Table each : tables) {
            out.putInt(each.tag())
                    .putInt(each.checksum())
                    .putInt(at)
                    .putInt(each.bytes().capacity());
            at += padded(each.bytes().capacity());
        }
        for (Table each : tables) {
            int from = out.position();
            out.put(each.bytes()).position(from + padded(each.bytes().capacity()));
        }
        return out.array();
    }

    private static int padded(int length) {
        return (length + 3) / 4 * 4;
    }
}
