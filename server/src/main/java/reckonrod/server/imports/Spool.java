package reckonrod.server.imports;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import reckonrod.server.problem.DiskFull;
import reckonrod.server.problem.ProblemException;

/** A file on its way in, on the disk and never as a whole in memory; it goes when it is closed. */
record Spool(Path file) implements AutoCloseable {
    private static final long MOST_BYTES = 64L * 1024 * 1024;
    private static final int AT_A_TIME = 1 << 16;

    /** Takes all of a request's body. */
    static Spool of(InputStream body) throws IOException {
        Spool spool = new Spool(Files.createTempFile("reckonrod-listing", ".brought"));
        try (OutputStream out = Files.newOutputStream(spool.file)) {
            byte[] buffer = new byte[AT_A_TIME];
            long bytes = 0;
            for (int read; (read = body.read(buffer)) >= 0; ) {
                bytes += read;
                if (bytes > MOST_BYTES) {
                    throw ProblemException.tooLarge(
                            "The file is too large", "A listing may have at most 64 MB. Cut it into parts.");
                }
                out.write(buffer, 0, read);
            }
            return spool;
        } catch (IOException | RuntimeException refused) {
            spool.close();
            DiskFull.requireNot(refused, "The listing");
            throw refused;
        }
    }

    @Override
    public void close() throws IOException {
        Files.deleteIfExists(file);
    }
}
