package reckonrod.sim;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Arrays;
import java.util.Optional;
import reckonrod.core.image.MemoryImage;

/** The memory of a simulated radio. With a file, every write is kept there, whole or not at all. */
public final class RadioMemory {
    private final Optional<Path> file;
    private byte[] bytes;

    private RadioMemory(Optional<Path> file, byte[] bytes) {
        this.file = file;
        this.bytes = bytes;
    }

    /** A memory that lasts as long as the program. */
    public static RadioMemory of(MemoryImage image) {
        return new RadioMemory(Optional.empty(), image.toBytes());
    }

    /**
     * A memory that is kept in a file.
     *
     * @param file where it is kept; made if it is not there
     * @param fresh what a radio from the shop holds
     * @throws UncheckedIOException if the file cannot be read or has another size
     */
    public static RadioMemory keptIn(Path file, MemoryImage fresh) {
        try {
            if (Files.exists(file)) {
                byte[] kept = Files.readAllBytes(file);
                if (kept.length != fresh.size()) {
                    throw new IOException("The simulated radio's memory " + file + " must have " + fresh.size()
                            + " bytes, was " + kept.length + ". Delete the file to begin with a fresh radio.");
                }
                return new RadioMemory(Optional.of(file), kept);
            }
            RadioMemory memory = new RadioMemory(Optional.of(file), fresh.toBytes());
            memory.keep();
            return memory;
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    synchronized byte[] read(int address, int size) {
        return Arrays.copyOfRange(bytes, address, address + size);
    }

    synchronized void write(int address, byte[] data) {
        System.arraycopy(data, 0, bytes, address, data.length);
        keep();
    }

    /** What it holds now. */
    public synchronized MemoryImage image() {
        return MemoryImage.of(bytes);
    }

    /** Puts an image in as a whole, as a person does who swaps the radio. */
    public synchronized void replace(MemoryImage image) {
        bytes = image.toBytes();
        keep();
    }

    private void keep() {
        file.ifPresent(path -> {
            try {
                Files.createDirectories(path.toAbsolutePath().getParent());
                Path next = path.resolveSibling(path.getFileName() + ".next");
                Files.write(next, bytes);
                Files.move(next, path, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            } catch (IOException broken) {
                throw new UncheckedIOException(broken);
            }
        });
    }
}
