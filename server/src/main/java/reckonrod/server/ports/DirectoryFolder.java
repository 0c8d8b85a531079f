package reckonrod.server.ports;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.ReadOnlyFileSystemException;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import reckonrod.core.link.Folder;

/** A card in a slot of this machine, or a copy of one: a folder. */
public final class DirectoryFolder implements Folder {
    private static final int DEEPEST = 4;
    private static final int MOST_FILES = 2_000;
    private static final long LARGEST_BYTES = 4L << 20;

    private final Path folder;

    /** A folder that is there. */
    private DirectoryFolder(Path folder) {
        this.folder = folder;
    }

    /**
     * Opens a folder.
     *
     * @throws IOException if it is not there or is no folder
     */
    public static DirectoryFolder open(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            throw new IOException("There is no folder " + folder + ". Put the card in, or choose another folder");
        }
        return new DirectoryFolder(folder);
    }

    @Override
    public List<String> names() throws IOException {
        try (Stream<Path> files = Files.walk(folder, DEEPEST)) {
            return files.filter(Files::isRegularFile)
                    .limit(MOST_FILES)
                    .map(each -> folder.relativize(each).toString().replace('\\', '/'))
                    .toList();
        } catch (java.io.UncheckedIOException unreadable) {
            throw new IOException(why(unreadable.getCause()), unreadable);
        }
    }

    @Override
    public Optional<byte[]> read(String name) throws IOException {
        Path file = inside(name);
        if (!Files.isRegularFile(file)) {
            return Optional.empty();
        }
        if (Files.size(file) > LARGEST_BYTES) {
            throw new IOException(name + " is larger than any radio's memory");
        }
        return Optional.of(Files.readAllBytes(file));
    }

    @Override
    public void write(String name, byte[] bytes) throws IOException {
        Path file = inside(name);
        Path next = file.resolveSibling(file.getFileName() + ".part");
        try {
            Files.createDirectories(file.getParent());
            Files.write(next, bytes);
            try (FileChannel channel = FileChannel.open(next, StandardOpenOption.WRITE)) {
                channel.force(true);
            }
            Files.move(next, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException | ReadOnlyFileSystemException refused) {
            try {
                Files.deleteIfExists(next);
            } catch (IOException staysBehind) {
                refused.addSuppressed(staysBehind);
            }
            throw new IOException(why(refused), refused);
        }
    }

    private Path inside(String name) throws IOException {
        Path file = folder.resolve(name).normalize();
        if (!file.startsWith(folder.normalize())) {
            throw new IOException(name + " is not on the card");
        }
        return file;
    }

    private static String why(Exception refused) {
        if (refused instanceof AccessDeniedException) {
            return "it may not be written by this program, or its lock is on (" + refused.getMessage() + ")";
        }
        String reason = refused instanceof FileSystemException told && told.getReason() != null
                ? told.getReason()
                : String.valueOf(refused.getMessage());
        return reason.contains("No space left") ? "it is full" : reason;
    }
}
