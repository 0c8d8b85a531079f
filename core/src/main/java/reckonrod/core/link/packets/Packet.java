package reckonrod.core.link.packets;

import java.util.Arrays;
import reckonrod.core.link.Framing;

/** The packets of the framed-packet protocol, for both ends of the line. */
public final class Packet {
    /** The host asks who is there; sequence numbers begin anew. */
    public static final byte HELLO = 0x01;
    /** The host asks for a block. */
    public static final byte GET = 0x02;
    /** The host sends a block. */
    public static final byte PUT = 0x03;
    /** The host asks for the sum of the whole memory. */
    public static final byte SUM = 0x04;
    /** The host is done. */
    public static final byte BYE = 0x05;
    /** An answer has the kind of its request with this bit set. */
    public static final byte ANSWER = (byte) 0x80;
    /** The radio does not do it. */
    public static final byte NO = 0x7F;

    /** Sync, kind, sequence number, length, and two bytes of check. */
    public static final int BYTES_AROUND = 6;

    /** Where the content begins in a packet whose check is off. */
    public static final int CONTENT = 4;

    private static final byte SYNC = (byte) 0xC3;
    private static final int LONGEST_CONTENT = 0xFF;

    private Packet() {}

    /** A packet with its check behind. */
    public static byte[] of(int kind, int sequence, byte... content) {
        if (content.length > LONGEST_CONTENT) {
            throw new IllegalArgumentException(
                    "A packet holds at most " + LONGEST_CONTENT + " bytes, was " + content.length);
        }
        byte[] packet = new byte[content.length + BYTES_AROUND];
        packet[0] = SYNC;
        packet[1] = (byte) kind;
        packet[2] = (byte) sequence;
        packet[3] = (byte) content.length;
        System.arraycopy(content, 0, packet, CONTENT, content.length);
        int check = check(packet, packet.length - 2);
        packet[packet.length - 2] = (byte) (check >>> 8);
        packet[packet.length - 1] = (byte) check;
        return packet;
    }

    /** How packets lie in what comes. */
    public static Framing.Cut cut(byte[] bytes) {
        if (bytes[0] != SYNC) {
            return new Framing.Nonsense();
        }
        int length = bytes.length < CONTENT ? Integer.MAX_VALUE : BYTES_AROUND + (bytes[3] & 0xFF);
        if (length > bytes.length) {
            return new Framing.More();
        }
        int check = check(bytes, length - 2);
        return (byte) (check >>> 8) == bytes[length - 2] && (byte) check == bytes[length - 1]
                ? new Framing.Whole(length, Arrays.copyOf(bytes, length - 2))
                : new Framing.Nonsense();
    }

    /** The content of a packet whose check is off. */
    public static byte[] content(byte[] packet) {
        return Arrays.copyOfRange(packet, CONTENT, packet.length);
    }

    /** The CRC-16 of ITU-T V.41 (polynomial 0x1021), begun with all ones. */
    private static int check(byte[] bytes, int end) {
        int check = 0xFFFF;
        for (int i = 0; i < end; i++) {
            check ^= (bytes[i] & 0xFF) << 8;
            for (int bit = 0; bit < 8; bit++) {
                check = (check & 0x8000) == 0 ? check << 1 : check << 1 ^ 0x1021;
            }
            check &= 0xFFFF;
        }
        return check;
    }
}
