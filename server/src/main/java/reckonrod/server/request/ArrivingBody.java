package reckonrod.server.request;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.SocketTimeoutException;
import java.util.concurrent.atomic.AtomicBoolean;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The body of a request while it arrives. No thread waits for it: the container calls when there are bytes, and the request goes on
 * once all of them are there. A slow sender therefore costs memory up to a limit, and nobody's turn.
 */
final class ArrivingBody implements ReadListener, AsyncListener {
    private static final Logger LOG = LoggerFactory.getLogger(ArrivingBody.class);
    private static final int CHUNK = 16 << 10;

    private final HttpServletRequest request;
    private final HttpServletResponse response;
    private final BodyKind kind;
    private final BodyMemory memory;
    private final BodyFilter.Refusals refusals;
    private final AsyncContext async;
    private final ServletInputStream in;
    private final BodyPace pace = new BodyPace();
    private final ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    private final AtomicBoolean ended = new AtomicBoolean();
    private boolean counted;

    private ArrivingBody(
            HttpServletRequest request,
            HttpServletResponse response,
            BodyKind kind,
            BodyMemory memory,
            BodyFilter.Refusals refusals)
            throws IOException {
        this.request = request;
        this.response = response;
        this.kind = kind;
        this.memory = memory;
        this.refusals = refusals;
        async = request.startAsync();
        async.setTimeout(BodyPace.longestMillis(kind.mostBytes()));
        async.addListener(this);
        in = request.getInputStream();
    }

    /** Begins to receive; the request is dispatched again when all of its body is there, as {@link BodyFilter#arrived} gives it. */
    static void receive(
            HttpServletRequest request,
            HttpServletResponse response,
            BodyKind kind,
            BodyMemory memory,
            BodyFilter.Refusals refusals)
            throws IOException {
        ArrivingBody body = new ArrivingBody(request, response, kind, memory, refusals);
        body.in.setReadListener(body);
    }

    @Override
    public void onDataAvailable() throws IOException {
        byte[] chunk = new byte[CHUNK];
        while (!ended.get() && in.isReady() && !in.isFinished()) {
            int count = in.read(chunk);
            if (count < 0) {
                return;
            }
            bytes.write(chunk, 0, count);
            if (bytes.size() > kind.mostBytes()) {
                end(() -> refusals.tooLarge(response, kind));
            } else if (pace.isTooSlow(bytes.size())) {
                end(() -> refusals.tooSlow(response));
            } else if (!counted && bytes.size() > BodyMemory.SMALL_BYTES) {
                counted = memory.reserve(request.getContentLengthLong(), kind);
                if (!counted) {
                    end(() -> refusals.busy(response));
                }
            }
        }
    }

    @Override
    public void onAllDataRead() {
        if (ended.compareAndSet(false, true)) {
            request.setAttribute(BodyFilter.ARRIVED, bytes.toByteArray());
            async.dispatch();
        }
    }

    @Override
    public void onError(Throwable broken) {
        if (broken instanceof SocketTimeoutException) {
            end(() -> refusals.tooSlow(response));
        } else {
            end(() -> LOG.debug("A request was broken off: {}", broken.toString()));
        }
    }

    private interface Answer {
        void write() throws IOException;
    }

    private void end(Answer answer) {
        if (ended.compareAndSet(false, true)) {
            try {
                answer.write();
            } catch (IOException gone) {
                LOG.debug("Nobody waits for the answer: {}", gone.toString());
            }
            async.complete();
        }
    }

    @Override
    public void onTimeout(AsyncEvent event) {
        end(() -> refusals.tooSlow(response));
    }

    @Override
    public void onComplete(AsyncEvent event) {
        if (counted) {
            memory.release(request.getContentLengthLong(), kind);
        }
    }

    @Override
    public void onError(AsyncEvent event) {
        // The reader, or whoever handles the request after it, answers.
    }

    @Override
    public void onStartAsync(AsyncEvent event) {
        // Whoever handles the request may go on without a thread; its memory is held until all of it is complete.
        event.getAsyncContext().addListener(this);
    }
}
