package reckonrod.sim.device;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;
import reckonrod.core.image.MemoryImage;

/** A radio's memory in a file: every write is kept there, whole or not at all. */
public final class FileMemory implements RadioMemory {
    private final Path file;
    private final RadioMemory held;

    /**
     * A memory that is kept in a file.
     *
     * @param file where it is kept; made if it is not there
     * @param fresh what a radio from the shop holds
     * @throws UncheckedIOException if the file cannot be read or has another size
     */
    public FileMemory(Path file, MemoryImage fresh) {
        this.file = file;
        this.held = RadioMemory.of(Files.exists(file) ? kept(file, fresh.size()) : fresh);
        keep();
    }

    private static MemoryImage kept(Path file, int size) {
        try {
            byte[] bytes = Files.readAllBytes(file);
            if (bytes.length != size) {
                throw new IOException("The simulated radio's memory " + file + " must have " + size + " bytes, was "
                        + bytes.length + ". Delete the file to begin with a fresh radio.");
            }
            return MemoryImage.of(bytes);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    @Override
    public byte[] read(int address, int size) {
        return held.read(address, size);
    }

    @Override
    public MemoryImage image() {
        return held.image();
    }

    @Override
    public synchronized void write(int address, byte[] data) {
        held.write(address, data);
        keep();
    }

    @Override
    public synchronized void replace(MemoryImage image) {
        held.replace(image);
        keep();
    }

    @Override
    public void remember() {
        held.remember();
    }

    @Override
    public Optional<MemoryImage> remembered() {
        return held.remembered();
    }

    private void keep() {
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            Path next = file.resolveSibling(file.getFileName() + ".next");
            Files.write(next, held.image().toBytes());
            Files.move(next, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
