package reckonrod.server.request;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Arrays;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import reckonrod.server.problem.ProblemWriter;

/** Tells what makes no sense in a request before anything is done with it: that is never a fault of this program. */
@Component
@Order(-1)
class SenseFilter extends OncePerRequestFilter {
    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getRequestURI().equals("/error")) {
            ProblemWriter.write(
                    response, HttpStatus.NOT_FOUND, "not-found", "Not found", "There is nothing at /error.");
        } else if (!hasSensibleType(request)) {
            ProblemWriter.write(
                    response,
                    HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                    "type-unknown",
                    "What is sent has no known type",
                    "Content-Type must name one type, such as application/json.");
        } else if (!hasSensibleQuery(request)) {
            ProblemWriter.write(
                    response,
                    HttpStatus.BAD_REQUEST,
                    "query-unreadable",
                    "The address cannot be read",
                    "Behind the question mark stands a % without two hexadecimal digits, bytes that are not UTF-8, or a"
                            + " zero character. Encode it as UTF-8 in percent-encoding.");
        } else {
            chain.doFilter(request, response);
        }
    }

    private static boolean hasSensibleType(HttpServletRequest request) {
        String type = request.getContentType();
        if (type == null) {
            return true;
        }
        try {
            MediaType parsed = MediaType.parseMediaType(type);
            parsed.getCharset();
            return parsed.isConcrete();
        } catch (IllegalArgumentException wrong) {
            return false;
        }
    }

    private static boolean hasSensibleQuery(HttpServletRequest request) {
        if (request.getQueryString() == null) {
            return true;
        }
        try {
            return request.getParameterMap().entrySet().stream()
                    .allMatch(each -> isText(each.getKey())
                            && Arrays.stream(each.getValue()).allMatch(SenseFilter::isText));
        } catch (RuntimeException undecodable) {
            return false;
        }
    }

    private static boolean isText(String text) {
        return text.indexOf('\0') < 0 && text.indexOf('\uFFFD') < 0;
    }
}
