package reckonrod.server.problem;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import tools.jackson.databind.json.JsonMapper;

/** Answers with problem+json (RFC 9457) where a request does not come as far as a controller. */
public final class ProblemWriter {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private ProblemWriter() {}

    /** Writes a problem; nothing may have been written before. */
    public static void write(HttpServletResponse response, HttpStatus status, String code, String title, String detail)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getOutputStream()
                .write(JSON.writeValueAsString(
                                Map.of("status", status.value(), "code", code, "title", title, "detail", detail))
                        .getBytes(StandardCharsets.UTF_8));
    }
}
