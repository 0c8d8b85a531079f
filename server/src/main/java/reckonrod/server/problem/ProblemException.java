package reckonrod.server.problem;

import java.util.Map;
import org.springframework.http.HttpStatus;

/** Stops a request with a problem that the person can do something about. */
public class ProblemException extends RuntimeException {
    private final HttpStatus status;
    private final String code;
    private final String title;
    private final transient Map<String, Object> extra;

    /**
     * A problem.
     *
     * @param code its stable name
     * @param title what it is, in a few words
     * @param detail what was found, what was expected and what to do
     * @param extra more properties of the problem's JSON
     */
    public ProblemException(HttpStatus status, String code, String title, String detail, Map<String, Object> extra) {
        super(detail);
        this.status = status;
        this.code = code;
        this.title = title;
        this.extra = Map.copyOf(extra);
    }

    /** Something that was asked for is not there. */
    public static ProblemException notFound(String what) {
        return new ProblemException(HttpStatus.NOT_FOUND, "not-found", "Not found", what, Map.of());
    }

    /** Something cannot be done with what was given. */
    public static ProblemException refused(String code, String title, String detail) {
        return new ProblemException(HttpStatus.UNPROCESSABLE_CONTENT, code, title, detail, Map.of());
    }

    /** More came than can be taken. */
    public static ProblemException tooLarge(String title, String detail) {
        return new ProblemException(HttpStatus.CONTENT_TOO_LARGE, "too-large", title, detail, Map.of());
    }

    /** It can be done, but not now. */
    public static ProblemException busy(String detail) {
        return new ProblemException(HttpStatus.SERVICE_UNAVAILABLE, "busy", "Too much at once", detail, Map.of());
    }

    /** Something was changed elsewhere in the meantime. */
    public static ProblemException conflict(String code, String title, String detail) {
        return new ProblemException(HttpStatus.CONFLICT, code, title, detail, Map.of());
    }

    /** The status of the answer. */
    public HttpStatus status() {
        return status;
    }

    /** Its stable name. */
    public String code() {
        return code;
    }

    /** What it is, in a few words. */
    public String title() {
        return title;
    }

    Map<String, Object> extra() {
        return extra;
    }
}
