package reckonrod.server.ports;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.channels.SeekableByteChannel;
import java.nio.file.AccessDeniedException;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.DirectoryStream;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;
import java.nio.file.Path;
import java.nio.file.SecureDirectoryStream;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.BasicFileAttributeView;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import reckonrod.core.link.Folder;
import reckonrod.server.problem.DiskFull;

/**
 * A card in this machine, or a folder with a copy of one. Every path is opened component by component beneath the root, relative to
 * the open parent folder and without following links (POSIX {@code openat} with {@code O_NOFOLLOW}), so that swapping a folder for a
 * link between check and use leads nowhere.
 */
public final class CardFolder implements Folder {
    /** A folder with more entries than any card of a radio is refused instead of being searched in part. */
    private static final int MOST_ENTRIES = 100_000;

    private static final int LARGEST_BYTES = 4 << 20;

    private final Path root;
    private final Path location;

    private CardFolder(Path root, Path location) {
        this.root = root;
        this.location = location;
    }

    /**
     * Opens a folder.
     *
     * @param root an allowed folder; it may itself be reached through links
     * @param location the folder beneath it, relative and normalized; empty for the root itself
     * @throws IOException if it is missing, is not a folder or lies behind a link
     */
    static CardFolder open(Path root, Path location) throws IOException {
        CardFolder folder = new CardFolder(root.toRealPath(), location);
        folder.inside(location, at -> null);
        return folder;
    }

    @Override
    public List<String> find(String folder, String file) throws IOException {
        List<String> found = new ArrayList<>();
        for (Entry top : matches(location, file)) {
            found.add(requireFile(top).name());
        }
        for (Entry below : matches(location, folder)) {
            if (below.is().isRegularFile()) {
                continue;
            }
            requireFolder(below);
            for (Entry each : matches(location.resolve(below.name()), file)) {
                found.add(below.name() + "/" + requireFile(each).name());
            }
        }
        return found;
    }

    @Override
    public Optional<byte[]> read(String path) throws IOException {
        Path file = location.resolve(path);
        return inside(file.getParent(), at -> {
            try (SeekableByteChannel channel = at.newByteChannel(
                            file.getFileName(), Set.of(StandardOpenOption.READ, LinkOption.NOFOLLOW_LINKS));
                    InputStream bytes = Channels.newInputStream(channel)) {
                byte[] held = bytes.readNBytes(LARGEST_BYTES + 1);
                if (held.length > LARGEST_BYTES) {
                    throw new IOException(path + " is larger than any radio's memory");
                }
                return Optional.of(held);
            } catch (NoSuchFileException gone) {
                return Optional.empty();
            }
        });
    }

    @Override
    public void replace(String path, byte[] bytes) throws IOException {
        put(path, bytes, false);
    }

    @Override
    public void create(String path, byte[] bytes) throws IOException {
        put(path, bytes, true);
    }

    private void put(String path, byte[] bytes, boolean mustBeNew) throws IOException {
        Path file = location.resolve(path);
        inside(file.getParent(), at -> {
            Path next = Path.of(UUID.randomUUID().toString().substring(0, 8) + ".NEW");
            boolean claimed = false;
            try {
                write(at, next, bytes);
                if (mustBeNew) {
                    // Claims the name: whatever appears there meanwhile is not overwritten.
                    write(at, file.getFileName(), new byte[0]);
                    claimed = true;
                }
                at.move(next, at, file.getFileName());
            } catch (IOException refused) {
                remove(at, next, refused);
                if (claimed) {
                    remove(at, file.getFileName(), refused);
                }
                throw new IOException(why(path, refused), refused);
            }
            return null;
        });
    }

    private static void write(SecureDirectoryStream<Path> at, Path name, byte[] bytes) throws IOException {
        try (SeekableByteChannel channel = at.newByteChannel(
                name, Set.of(StandardOpenOption.WRITE, StandardOpenOption.CREATE_NEW, LinkOption.NOFOLLOW_LINKS))) {
            ByteBuffer rest = ByteBuffer.wrap(bytes);
            while (rest.hasRemaining()) {
                channel.write(rest);
            }
            if (channel instanceof FileChannel file) {
                file.force(true);
            }
        }
    }

    private static void remove(SecureDirectoryStream<Path> at, Path name, IOException cause) {
        try {
            at.deleteFile(name);
        } catch (NoSuchFileException neverMade) {
            // Nothing to clean up.
        } catch (IOException staysBehind) {
            cause.addSuppressed(staysBehind);
        }
    }

    private record Entry(String name, BasicFileAttributes is) {}

    /** All entries of that name, whatever their case; names are compared one by one, so a full folder hides nothing. */
    private List<Entry> matches(Path folder, String name) throws IOException {
        return inside(folder, at -> {
            List<Entry> found = new ArrayList<>();
            int count = 0;
            try {
                for (Path each : at) {
                    if (++count > MOST_ENTRIES) {
                        throw new IOException("the folder has more than " + MOST_ENTRIES
                                + " entries, so it is not a radio's card. Choose the card's own folder");
                    }
                    String entry = each.getFileName().toString();
                    if (entry.equalsIgnoreCase(name)) {
                        found.add(new Entry(
                                entry,
                                at.getFileAttributeView(
                                                each.getFileName(),
                                                BasicFileAttributeView.class,
                                                LinkOption.NOFOLLOW_LINKS)
                                        .readAttributes()));
                    }
                }
            } catch (DirectoryIteratorException unreadable) {
                throw unreadable.getCause();
            }
            return found;
        });
    }

    private static Entry requireFile(Entry entry) throws IOException {
        if (!entry.is().isRegularFile()) {
            throw new IOException(
                    entry.name() + (entry.is().isSymbolicLink() ? " is a symbolic link" : " is not a file")
                            + ". Copy the real file there");
        }
        return entry;
    }

    private static void requireFolder(Entry entry) throws IOException {
        if (!entry.is().isDirectory()) {
            throw new IOException(
                    entry.name() + (entry.is().isSymbolicLink() ? " is a symbolic link" : " is not a folder")
                            + ". Copy the real folder there");
        }
    }

    private interface Use<T> {
        T in(SecureDirectoryStream<Path> folder) throws IOException;
    }

    private <T> T inside(Path folder, Use<T> use) throws IOException {
        try (DirectoryStream<Path> top = Files.newDirectoryStream(root)) {
            if (top instanceof SecureDirectoryStream<Path> secure) {
                return descend(secure, folder == null ? Path.of("") : folder, 0, use);
            }
        }
        throw new IOException("this system cannot open folders safely. Upload the card as a zip file instead");
    }

    private <T> T descend(SecureDirectoryStream<Path> at, Path folder, int depth, Use<T> use) throws IOException {
        try (at) {
            if (folder.toString().isEmpty() || depth == folder.getNameCount()) {
                return use.in(at);
            }
            SecureDirectoryStream<Path> next;
            try {
                next = at.newDirectoryStream(folder.getName(depth), LinkOption.NOFOLLOW_LINKS);
            } catch (NoSuchFileException missing) {
                throw new IOException(
                        "There is no folder " + root.resolve(folder.subpath(0, depth + 1))
                                + ". Insert the card or choose another folder; a new card gets its folder from the radio's own"
                                + " export",
                        missing);
            } catch (NotDirectoryException | AccessDeniedException refused) {
                throw new IOException(
                        why(root.resolve(folder.subpath(0, depth + 1)).toString(), refused), refused);
            } catch (FileSystemException link) {
                throw new IOException(
                        root.resolve(folder.subpath(0, depth + 1))
                                + " is a symbolic link or cannot be opened as a folder. Choose the folder itself",
                        link);
            }
            return descend(next, folder, depth + 1, use);
        }
    }

    private static String why(String path, IOException refused) {
        if (refused instanceof AccessDeniedException) {
            return "Reckonrod may not write " + path + ", or the card is locked";
        }
        if (refused instanceof FileAlreadyExistsException) {
            return path + " exists and no index proves that it belongs to this radio. Move it away first";
        }
        if (refused instanceof NotDirectoryException) {
            return path + " is not a folder, or is a symbolic link. Choose the folder itself";
        }
        if (DiskFull.is(refused)) {
            return "it is full";
        }
        return refused instanceof FileSystemException told && told.getReason() != null
                ? told.getReason()
                : String.valueOf(refused.getMessage());
    }
}
