package reckonrod.core.link;

import java.io.IOException;
import java.util.List;
import java.util.Optional;

/**
 * A memory card, or a copy of one. A path uses {@code /} as its separator. Cards ignore upper and lower case, so every lookup does
 * too; two entries whose names differ only by case are both reported.
 */
public non-sealed interface Folder extends Line {
    /**
     * Looks for a file by name, in the given folder of the card and at the top of the card. An archive, whose entries are all known,
     * is searched at every depth.
     *
     * @param folder the name of the radio's folder
     * @param file the name of the file
     * @return the path of every match, spelled as on the card
     * @throws IOException if the card cannot be read, or a match is a link or not a regular file
     */
    List<String> find(String folder, String file) throws IOException;

    /**
     * Reads a file.
     *
     * @param path a path that {@link #find} returned
     * @return its content; empty if it has gone since
     * @throws IOException if it cannot be read
     */
    Optional<byte[]> read(String path) throws IOException;

    /**
     * Replaces a file that exists, completely or not at all.
     *
     * @param path a path that {@link #find} returned
     * @throws IOException if the card is full, cannot be written or is gone; the message says which
     */
    void replace(String path, byte[] bytes) throws IOException;

    /**
     * Creates a file, completely or not at all. A file of that name is never overwritten.
     *
     * @throws IOException as {@link #replace}, or if something of that name exists
     */
    void create(String path, byte[] bytes) throws IOException;

    /** Nothing stays open between calls. */
    @Override
    default void close() {}
}
