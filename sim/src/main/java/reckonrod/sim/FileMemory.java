package reckonrod.sim;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Arrays;
import reckonrod.core.image.MemoryImage;

/** A radio's memory in a file: every write is kept there, whole or not at all. */
final class FileMemory implements RadioMemory {
    private final Path file;
    private byte[] bytes;

    /**
     * A memory that is kept in a file.
     *
     * @param file where it is kept; made if it is not there
     * @param fresh what a radio from the shop holds
     * @throws UncheckedIOException if the file cannot be read or has another size
     */
    FileMemory(Path file, MemoryImage fresh) {
        this.file = file;
        try {
            if (Files.exists(file)) {
                bytes = Files.readAllBytes(file);
                if (bytes.length != fresh.size()) {
                    throw new IOException("The simulated radio's memory " + file + " must have " + fresh.size()
                            + " bytes, was " + bytes.length + ". Delete the file to begin with a fresh radio.");
                }
                return;
            }
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        replace(fresh);
    }

    @Override
    public synchronized byte[] read(int address, int size) {
        return Arrays.copyOfRange(bytes, address, address + size);
    }

    @Override
    public synchronized void write(int address, byte[] data) {
        System.arraycopy(data, 0, bytes, address, data.length);
        keep();
    }

    @Override
    public synchronized MemoryImage image() {
        return MemoryImage.of(bytes);
    }

    @Override
    public synchronized void replace(MemoryImage image) {
        bytes = image.toBytes();
        keep();
    }

    private void keep() {
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            Path next = file.resolveSibling(file.getFileName() + ".next");
            Files.write(next, bytes);
            Files.move(next, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
