package reckonrod.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.LockedException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.web.AuthenticationEntryPoint;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.problem.ProblemWriter;

/** Says that a password is needed. It asks no browser for one: the web client has a page for that. */
final class Refusal implements AuthenticationEntryPoint {
    @Override
    public void commence(HttpServletRequest request, HttpServletResponse response, AuthenticationException refused)
            throws IOException {
        ProblemException problem = of(refused);
        ProblemWriter.write(response, problem.status(), problem.code(), problem.title(), problem.getMessage());
    }

    static ProblemException of(AuthenticationException refused) {
        if (refused instanceof LockedException) {
            return problem(HttpStatus.TOO_MANY_REQUESTS, "too-many-tries", "Too many tries", refused.getMessage());
        }
        boolean wrong = refused instanceof BadCredentialsException;
        return problem(
                HttpStatus.UNAUTHORIZED,
                wrong ? "password-wrong" : "password-needed",
                "The password is needed",
                wrong ? refused.getMessage() : "Give the password of this Reckonrod; whoever started it knows it.");
    }

    private static ProblemException problem(HttpStatus status, String code, String title, String detail) {
        return new ProblemException(status, code, title, detail, Map.of());
    }
}
