package reckonrod.server.ports;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import reckonrod.core.link.Folder;

/** A card that goes through the browser: an archive, in memory. */
public final class ZipFolder implements Folder {
    private static final int MOST_FILES = 2_000;
    private static final int MOST_BYTES = 16 << 20;

    private final Map<String, byte[]> files = new LinkedHashMap<>();

    /** A card with nothing on it. */
    public static ZipFolder empty() {
        return new ZipFolder();
    }

    /**
     * Unpacks an archive.
     *
     * @throws IOException if it is none, is broken, or unpacks to more than any card of a radio has
     */
    public static ZipFolder of(byte[] archive) throws IOException {
        ZipFolder folder = new ZipFolder();
        int bytes = 0;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (!entry.isDirectory()) {
                    byte[] held = zip.readNBytes(MOST_BYTES - bytes + 1);
                    bytes += held.length;
                    if (bytes > MOST_BYTES || folder.files.size() == MOST_FILES) {
                        throw new IOException("it unpacks to more than any radio's card holds");
                    }
                    if (folder.files.put(entry.getName().replace('\\', '/'), held) != null) {
                        throw new IOException("it holds " + entry.getName() + " twice");
                    }
                }
            }
        }
        if (folder.files.isEmpty()) {
            throw new IOException("it is no zip archive, or an empty one");
        }
        return folder;
    }

    /** Packs it. */
    public byte[] archive() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue());
                zip.closeEntry();
            }
        }
        return bytes.toByteArray();
    }

    @Override
    public List<String> find(String folder, String file) {
        return files.keySet().stream()
                .filter(each -> each.substring(each.lastIndexOf('/') + 1).equalsIgnoreCase(file))
                .toList();
    }

    @Override
    public Optional<byte[]> read(String path) {
        return Optional.ofNullable(files.get(path)).map(byte[]::clone);
    }

    @Override
    public void replace(String path, byte[] bytes) {
        files.put(path, bytes.clone());
    }

    @Override
    public void create(String path, byte[] bytes) throws IOException {
        if (files.putIfAbsent(path, bytes.clone()) != null) {
            throw new IOException(path + " exists already");
        }
    }
}
