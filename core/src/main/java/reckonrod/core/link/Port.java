package reckonrod.core.link;

import java.io.IOException;

/** A byte stream to a radio. */
public non-sealed interface Port extends Line {
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

    /**
     * Sets the line to another speed, where that is possible.
     *
     * @param baud the speed, in bits a second
     * @return whether it runs at that speed now
     * @throws IOException if the line is broken
     */
    default boolean runAt(int baud) throws IOException {
        return false;
    }
}
