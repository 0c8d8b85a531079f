package reckonrod.core.link;

/** What leads to a radio: bytes on a wire, or a card that is carried. Whoever opens it closes it. */
public sealed interface Line extends AutoCloseable permits Port, Folder {
    @Override
    void close();
}
