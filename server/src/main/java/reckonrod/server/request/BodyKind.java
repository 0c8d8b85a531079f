package reckonrod.server.request;

import jakarta.servlet.http.HttpServletRequest;
import java.util.regex.Pattern;

/** What a request brings, and how much of that may come. */
enum BodyKind {
    /** A whole listing, which is read as a stream. */
    LISTING(64 << 20, "A listing may have at most 64 MB. Cut it into parts."),
    /** An archive of the whole installation, which is read as a stream. */
    ARCHIVE(1L << 30, "An archive may have at most 1 GB."),
    /** A list or a table as a file. */
    FILE(32 << 20, "A file may have at most 32 MB. Cut it into parts."),
    /** Pasted lines, a route, the channels of a whole list. */
    TEXT(4 << 20, "It may have at most 4 MB. Cut it into parts."),
    /** Anything else. */
    ORDINARY(512 << 10, "It may have at most 512 kB.");

    private static final Pattern TEXTS = Pattern.compile(
            "/api/(lines|find/route|trips/plan|lists/[^/]+/(review|changes|take(/.*)?|satellite)|table-recipes/preview)");

    private static final Pattern FILES = Pattern.compile("/api/(lists/from-file|table-recipes/(guess|[^/]+/lines))");

    private final long mostBytes;
    private final String words;

    BodyKind(long mostBytes, String words) {
        this.mostBytes = mostBytes;
        this.words = words;
    }

    static BodyKind of(HttpServletRequest request) {
        String path = request.getRequestURI();
        if (path.equals("/api/imports") && request.getMethod().equals("POST")) {
            return LISTING;
        }
        if (path.equals("/api/archive") && request.getMethod().equals("POST")) {
            return ARCHIVE;
        }
        if (FILES.matcher(path).matches()) {
            return FILE;
        }
        return TEXTS.matcher(path).matches() ? TEXT : ORDINARY;
    }

    /** Whether it is read as it comes, and never as a whole. */
    boolean isStreamed() {
        return this == LISTING || this == ARCHIVE;
    }

    long mostBytes() {
        return mostBytes;
    }

    String words() {
        return words;
    }
}
