package reckonrod.core.link;

import java.io.IOException;
import java.util.List;
import java.util.Optional;

/** A memory card that is carried between the radio and here, or a copy of it. A name is a path with {@code /} in it. */
public non-sealed interface Folder extends Line {
    /**
     * The files that are there.
     *
     * @throws IOException if the card cannot be read
     */
    List<String> names() throws IOException;

    /**
     * What a file holds, if it is there.
     *
     * @throws IOException if it cannot be read
     */
    Optional<byte[]> read(String name) throws IOException;

    /**
     * Puts a file there, whole or not at all, in place of one of the same name.
     *
     * @throws IOException if the card is full, cannot be written or is gone; the message says which
     */
    void write(String name, byte[] bytes) throws IOException;

    /** Nothing is held open. */
    @Override
    default void close() {}
}
