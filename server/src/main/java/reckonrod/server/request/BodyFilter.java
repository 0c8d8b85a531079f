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
 * Receives the bodies of requests before anybody works on them: no more than is sensible for their kind, no more at a time than there
 * is memory for, and none that trickles in. Ordinary bodies arrive without a thread ({@link ArrivingBody}); listings and archives,
 * which are read as streams, hold one of a few places.
 */
@Component
@Order(0)
class BodyFilter extends OncePerRequestFilter {
    /** The attribute of a request under which its whole body comes back. */
    static final String ARRIVED = BodyFilter.class.getName() + ".arrived";

    private static final int STREAMS_AT_A_TIME = 8;
    private static final int LARGE_AT_A_TIME = 4;
    private static final int LARGE_BYTES = 256 << 10;
    private static final int LARGE_WAIT_SECONDS = 10;
    private static final long LET_BY_NANOS = 2_000_000_000L;

    private final BodyMemory memory = new BodyMemory();
    private final Refusals refusals = new Refusals();
    private final Semaphore streams = new Semaphore(STREAMS_AT_A_TIME);
    private final Semaphore large = new Semaphore(LARGE_AT_A_TIME, true);

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return request.getContentLengthLong() <= 0 && request.getHeader("Transfer-Encoding") == null;
    }

    /** The request comes again when its body is there. */
    @Override
    protected boolean shouldNotFilterAsyncDispatch() {
        return false;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (isAsyncDispatch(request)) {
            if (request.getAttribute(ARRIVED) instanceof byte[] body) {
                request.removeAttribute(ARRIVED);
                handle(request, response, chain, body);
            } else {
                chain.doFilter(request, response);
            }
            return;
        }
        BodyKind kind = BodyKind.of(request);
        if (request.getContentLengthLong() > kind.mostBytes()) {
            refusals.tooLarge(response, kind);
            letBy(request);
        } else if (kind.isStreamed()) {
            stream(request, response, chain, kind);
        } else {
            ArrivingBody.receive(request, response, kind, memory, refusals);
        }
    }

    private void handle(HttpServletRequest request, HttpServletResponse response, FilterChain chain, byte[] body)
            throws ServletException, IOException {
        HttpServletRequest whole = new StreamedRequest(request, new ByteArrayInputStream(body));
        if (body.length < LARGE_BYTES) {
            chain.doFilter(whole, response);
            return;
        }
        try {
            atMost(large, LARGE_WAIT_SECONDS, () -> chain.doFilter(whole, response));
        } catch (TooMany many) {
            refusals.busy(response);
        }
    }

    private void stream(HttpServletRequest request, HttpServletResponse response, FilterChain chain, BodyKind kind)
            throws ServletException, IOException {
        try {
            atMost(
                    streams,
                    0,
                    () -> chain.doFilter(
                            new StreamedRequest(request, new PacedStream(request.getInputStream(), kind)), response));
        } catch (TooMany many) {
            refusals.busy(response);
        } catch (PacedStream.TooLarge more) {
            refusals.tooLarge(response, kind);
            letBy(request);
        } catch (PacedStream.TooSlow slow) {
            refusals.tooSlow(response);
        }
    }

    private interface Work {
        void run() throws IOException, ServletException;
    }

    /** Others do the same already, as many as may. */
    private static final class TooMany extends IOException {}

    private static void atMost(Semaphore places, int waitSeconds, Work work) throws IOException, ServletException {
        try {
            if (!places.tryAcquire(waitSeconds, TimeUnit.SECONDS)) {
                throw new TooMany();
            }
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            throw new TooMany();
        }
        try {
            work.run();
        } finally {
            places.release();
        }
    }

    // Whoever is still sending does not listen: for a moment the rest is read and dropped, so that the answer is heard.
    private static void letBy(HttpServletRequest request) {
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

    /** The answers to bodies that are not taken. */
    static final class Refusals {
        void tooLarge(HttpServletResponse response, BodyKind kind) throws IOException {
            response.setHeader("Connection", "close");
            ProblemWriter.write(response, HttpStatus.CONTENT_TOO_LARGE, "too-large", "That is too much", kind.words());
            response.flushBuffer();
        }

        void tooSlow(HttpServletResponse response) throws IOException {
            response.setHeader("Connection", "close");
            ProblemWriter.write(
                    response,
                    HttpStatus.REQUEST_TIMEOUT,
                    "too-slow",
                    "The request came too slowly",
                    "Its body did not arrive in time. Send it again.");
        }

        void busy(HttpServletResponse response) throws IOException {
            response.setHeader("Retry-After", "1");
            ProblemWriter.write(
                    response,
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "busy",
                    "Too much at once",
                    "Several large files are being uploaded right now. Nothing was changed; try again in a moment.");
        }
    }
}
