package reckonrod.core.link;

import java.io.IOException;

/** A byte stream to a radio. Whoever opens it closes it. */
public interface Port extends AutoCloseable {
    /**
     * Sends all of the bytes.
     *
     * @throws IOException if the line is broken
     */
    void write(byte[] bytes) throws IOException;

    /**
     * Waits for bytes and takes those that are there.
     *
     * @param into where they go, from its start
     * @param withinMillis how long to wait for the first of them, in milliseconds
     * @return how many came; 0 when none came in time
     * @throws IOException if the line is broken
     */
    int read(byte[] into, int withinMillis) throws IOException;

    @Override
    void close();
}
