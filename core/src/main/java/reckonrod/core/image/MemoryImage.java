package reckonrod.core.image;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.zip.CRC32;

/** The whole memory of a radio at one moment. Never changes. */
public final class MemoryImage {
    private final byte[] bytes;

    private MemoryImage(byte[] bytes) {
        this.bytes = bytes;
    }

    /** An image of these bytes, which are copied. */
    public static MemoryImage of(byte[] bytes) {
        return new MemoryImage(bytes.clone());
    }

    /** A copy of the bytes. */
    public byte[] toBytes() {
        return bytes.clone();
    }

    /** Names these bytes: images of the same name are the same. A SHA-256 in hexadecimal. */
    public String digest() {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException missing) {
            throw new IllegalStateException("Every Java has SHA-256", missing);
        }
    }

    /** The CRC-32 of IEEE 802.3 over all bytes, as radios work it out of their memories. */
    public int cyclicSum() {
        CRC32 sum = new CRC32();
        sum.update(bytes);
        return (int) sum.getValue();
    }

    /** The size in bytes. */
    public int size() {
        return bytes.length;
    }

    /**
     * A copy of one block.
     *
     * @param index the block, counted from 0
     * @param blockBytes the size of a block
     */
    public byte[] block(int index, int blockBytes) {
        return Arrays.copyOfRange(bytes, index * blockBytes, (index + 1) * blockBytes);
    }

    /** The blocks in which the other image differs, rising. */
    public List<Integer> blocksThatDiffer(MemoryImage other, int blockBytes) {
        List<Integer> blocks = new ArrayList<>();
        for (int at = 0; at < bytes.length; at += blockBytes) {
            if (!Arrays.equals(bytes, at, at + blockBytes, other.bytes, at, at + blockBytes)) {
                blocks.add(at / blockBytes);
            }
        }
        return blocks;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof MemoryImage image && Arrays.equals(bytes, image.bytes);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(bytes);
    }

    @Override
    public String toString() {
        return "memory image of " + bytes.length + " bytes";
    }
}
