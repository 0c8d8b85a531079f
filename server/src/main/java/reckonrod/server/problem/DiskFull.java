package reckonrod.server.problem;

import java.io.IOException;
import java.nio.file.FileSystemException;
import java.util.Locale;
import org.springframework.http.HttpStatus;

/** Tells a full disk from other faults of writing. */
public final class DiskFull {
    private DiskFull() {}

    /** Whether a fault means that the disk is full or the user's quota is used up. */
    public static boolean is(Throwable fault) {
        for (Throwable each = fault; each != null; each = each.getCause()) {
            String reason = each instanceof FileSystemException told && told.getReason() != null
                    ? told.getReason()
                    : each instanceof IOException ? String.valueOf(each.getMessage()) : "";
            String words = reason.toLowerCase(Locale.ROOT);
            if (words.contains("no space left") || words.contains("quota exceeded")) {
                return true;
            }
        }
        return false;
    }

    /**
     * Answers a request for which there is no room; another fault is left alone.
     *
     * @param what what could not be stored, as a subject
     */
    public static void requireNot(Throwable fault, String what) {
        if (is(fault)) {
            throw problem(what);
        }
    }

    /**
     * The answer to a request for which there is no room.
     *
     * @param what what could not be stored, as a subject
     */
    public static ProblemException problem(String what) {
        return new ProblemException(
                HttpStatus.INSUFFICIENT_STORAGE,
                "disk-full",
                "The disk is full",
                what
                        + " could not be stored because the disk is full. Nothing was changed. Free some space, then try again.",
                java.util.Map.of());
    }
}
