package reckonrod.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;
import reckonrod.server.problem.ProblemWriter;

/** Turns away what other web sites try through the person's browser. */
final class OriginFilter extends OncePerRequestFilter {
    private static final Set<String> LOOPBACK_NAMES = Set.of("localhost", "127.0.0.1", "[::1]", "::1");
    /** What a browser says of who asks (Fetch Metadata); another port of this machine is the same site, but not ours. */
    private static final Set<String> FOREIGN_SITES = Set.of("cross-site", "same-site");

    private static final Map<String, Integer> USUAL_PORTS = Map.of("http", 80, "https", 443);

    private final boolean onlyLoopbackNames;

    OriginFilter(boolean onlyLoopbackNames) {
        this.onlyLoopbackNames = onlyLoopbackNames;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String origin = request.getHeader("Origin");
        boolean foreignPage = request.getRequestURI().startsWith("/api/")
                && FOREIGN_SITES.contains(String.valueOf(request.getHeader("Sec-Fetch-Site")));
        boolean foreignName = onlyLoopbackNames
                && !LOOPBACK_NAMES.contains(request.getServerName().toLowerCase(Locale.ROOT));
        if (foreignName || foreignPage || (origin != null && !isOwn(origin, request))) {
            ProblemWriter.write(
                    response,
                    HttpStatus.FORBIDDEN,
                    "other-origin",
                    "Not from here",
                    "The request came from another web site. Open Reckonrod by the address it printed.");
            return;
        }
        chain.doFilter(request, response);
    }

    private static boolean isOwn(String origin, HttpServletRequest request) {
        try {
            URI uri = URI.create(origin);
            if (uri.getScheme() == null || uri.getHost() == null) {
                return false;
            }
            int port = uri.getPort() >= 0 ? uri.getPort() : USUAL_PORTS.getOrDefault(uri.getScheme(), -1);
            return request.getServerName().equalsIgnoreCase(uri.getHost()) && port == request.getServerPort();
        } catch (IllegalArgumentException noAddress) {
            return false;
        }
    }
}
