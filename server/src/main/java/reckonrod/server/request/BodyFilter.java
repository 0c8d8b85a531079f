package reckonrod.server.request;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import reckonrod.server.problem.ProblemWriter;

/**
 * Takes the bodies of requests in before anybody works on them: no more than is sensible for their kind, no more at a time than
 * there is memory for, and none that trickles in, so that slow senders cannot hold every thread.
 */
@Component
@Order(0)
class BodyFilter extends OncePerRequestFilter {
    private static final int BODIES_AT_A_TIME = 24;
    private static final int LISTINGS_AT_A_TIME = 8;
    private static final int LARGE_AT_A_TIME = 4;
    private static final int LARGE_BYTES = 256 << 10;
    private static final int LARGE_WAIT_SECONDS = 10;
    private static final long LET_BY_NANOS = 2_000_000_000L;

    private final Semaphore bodies = new Semaphore(BODIES_AT_A_TIME);
    private final Semaphore listings = new Semaphore(LISTINGS_AT_A_TIME);
    private final Semaphore large = new Semaphore(LARGE_AT_A_TIME, true);

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return request.getContentLengthLong() <= 0 && request.getHeader("Transfer-Encoding") == null;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        BodyKind kind = BodyKind.of(request);
        if (request.getContentLengthLong() > kind.mostBytes()) {
            tooLarge(request, response, kind);
            return;
        }
        try {
            if (kind.isStreamed()) {
                atMost(listings, 0, () -> {
                    chain.doFilter(
                            new StreamedRequest(request, new PacedStream(request.getInputStream(), kind)), response);
                    return null;
                });
                return;
            }
            byte[] body = atMost(bodies, 0, () -> new PacedStream(request.getInputStream(), kind).readAllBytes());
            HttpServletRequest whole = new StreamedRequest(request, new ByteArrayInputStream(body));
            if (body.length < LARGE_BYTES) {
                chain.doFilter(whole, response);
                return;
            }
            atMost(large, LARGE_WAIT_SECONDS, () -> {
                chain.doFilter(whole, response);
                return null;
            });
        } catch (TooMany many) {
            busy(response);
        } catch (PacedStream.TooLarge more) {
            tooLarge(request, response, kind);
        } catch (PacedStream.TooSlow slow) {
            response.setHeader("Connection", "close");
            ProblemWriter.write(
                    response,
                    HttpStatus.REQUEST_TIMEOUT,
                    "too-slow",
                    "The request came too slowly",
                    "Its body did not arrive in time. Send it again.");
        }
    }

    private interface Work<T> {
        T run() throws IOException, ServletException;
    }

    /** Others do the same already, as many as may. */
    private static final class TooMany extends IOException {}

    private static <T> T atMost(Semaphore places, int waitSeconds, Work<T> work) throws IOException, ServletException {
        try {
            if (!places.tryAcquire(waitSeconds, TimeUnit.SECONDS)) {
                throw new TooMany();
            }
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            throw new TooMany();
        }
        try {
            return work.run();
        } finally {
            places.release();
        }
    }

    // Who is still sending does not listen: for a moment the rest is let run by, so that the answer is heard.
    private static void tooLarge(HttpServletRequest request, HttpServletResponse response, BodyKind kind)
            throws IOException {
        response.setHeader("Connection", "close");
        ProblemWriter.write(response, HttpStatus.CONTENT_TOO_LARGE, "too-large", "That is too much", kind.words());
        response.flushBuffer();
        byte[] passing = new byte[1 << 16];
        long until = System.nanoTime() + LET_BY_NANOS;
        try {
            while (System.nanoTime() < until && request.getInputStream().read(passing) >= 0) {
                // Nothing of it is kept.
            }
        } catch (IOException gone) {
            // They heard it and went.
        }
    }

    private static void busy(HttpServletResponse response) throws IOException {
        response.setHeader("Retry-After", "1");
        ProblemWriter.write(
                response,
                HttpStatus.SERVICE_UNAVAILABLE,
                "busy",
                "Too much at once",
                "Many large or slow requests are coming in just now. Nothing was changed; try again in a moment.");
    }
}
